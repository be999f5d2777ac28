package cahier.app.web;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.stereotype.Controller;

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

    /** Two of the same name, saved at the same moment in two tabs. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String clash() {
        return "error/409";
    }
}
