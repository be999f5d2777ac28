package cahier.app.paper;

import cahier.app.language.Language;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.web.CleanText;
import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** The printed sheet as PDF, from the same template as its page. It takes its time, and holds no transaction meanwhile. */
@Component
public class PaperPdf {

    private static final int BOLD = 700;
    private static final int REGULAR = 400;
    private static final int SEMIBOLD = 600;

    static {
        XRLog.setLoggerImpl(new Slf4jLogger());
    }

    private final Paper paper;
    private final SpringTemplateEngine templates;

    PaperPdf(Paper paper, SpringTemplateEngine templates) {
        this.paper = paper;
        this.templates = templates;
    }

    /** @param site where the application is reached, for the link and its code */
    public byte[] of(PracticeId practice, long id, String site) {
        return paper.reader(practice, id).speaking(() -> written(practice, id, site));
    }

    private byte[] written(PracticeId practice, long id, String site) {
        Context context = new Context(Language.current().locale());
        context.setVariable("paper", paper.sheet(practice, id, site));
        context.setVariable("pdf", true);
        context.setVariable("css", css().replace("size: A4", "size: " + Language.current().paper().name()));
        String html = CleanText.of(templates.process("paper/sheet", context)); // also of what was kept before it was cleaned on the way in
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useFont(font("atkinson-hyperlegible-400"), Words.say("paper.PaperPdf.atkinson-hyperlegible"), REGULAR, FontStyle.NORMAL, true);
        builder.useFont(font("atkinson-hyperlegible-700"), Words.say("paper.PaperPdf.atkinson-hyperlegible"), BOLD, FontStyle.NORMAL, true);
        builder.useFont(font("literata-600"), "Literata", SEMIBOLD, FontStyle.NORMAL, true);
        builder.withHtmlContent(html, null);
        builder.withProducer("Cahier");
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException("sheet " + id + " cannot be made into a PDF", e);
        }
        return out.toByteArray();
    }

    private static String css() {
        try {
            return new ClassPathResource("static/app/paper.css").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static FSSupplier<InputStream> font(String name) {
        return () -> {
            try {
                return new ClassPathResource("paper/" + name + ".ttf").getInputStream();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        };
    }
}
