package cahier.app.web;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** The one place that turns refusals into pages. */
@ControllerAdvice(annotations = Controller.class)
class Refusals {

    @ExceptionHandler(StaleEdit.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String stale(StaleEdit edit, Model model) {
        model.addAttribute("record", edit.getMessage());
        model.addAttribute("differences", edit.differences());
        model.addAttribute("backTo", edit.backTo());
        return "error/stale";
    }

    /** An address with letters where a number stands leads to nothing; anything else of the wrong kind is a bad request. */
    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    String mismatch(MethodArgumentTypeMismatchException e, HttpServletResponse response) {
        boolean address = e.getParameter().hasParameterAnnotation(PathVariable.class);
        response.setStatus(address ? HttpServletResponse.SC_NOT_FOUND : HttpServletResponse.SC_BAD_REQUEST);
        return address ? "error/404" : "error";
    }

    /** Nothing that was typed in a browser is lost: the page it came from still has it. */
    @ExceptionHandler(UnreadableForm.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String unreadable(UnreadableForm form, Model model) {
        model.addAttribute("fields", form.fields());
        return "error/400";
    }

    /** Two of the same name, saved at the same moment in two tabs. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String clash() {
        return "error/409";
    }
}
