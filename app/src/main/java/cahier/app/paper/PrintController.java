package cahier.app.paper;

import cahier.app.scope.TrainerUser;
import cahier.app.web.Site;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The sheet on paper: a page to print and a PDF. */
@Controller
class PrintController {

    private final Paper paper;
    private final PaperPdf pdf;
    private final Site site;

    PrintController(Paper paper, PaperPdf pdf, Site site) {
        this.site = site;
        this.paper = paper;
        this.pdf = pdf;
    }

    @GetMapping("/sheets/{id}/print")
    String print(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        model.addAttribute("paper", paper.sheet(me.practice(), id, site.address()));
        model.addAttribute("back", "/sheets/" + id);
        model.addAttribute("file", "/sheets/" + id + ".pdf");
        model.addAttribute("pdf", false);
        return "paper/sheet";
    }

    @GetMapping("/sheets/{id}.pdf")
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        return PdfFile.of(pdf.of(me.practice(), id, site.address()));
    }
}
