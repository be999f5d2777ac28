package cahier.app.paper;

import cahier.app.account.AccountService;
import cahier.app.account.PracticeId;
import cahier.app.bench.Setups;
import cahier.app.food.FoodLines;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.rest.Moment;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.week.Weeks;
import cahier.app.wording.Wordings;
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
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** Makes the printed sheet, as HTML and as PDF from the same template. */
@Service
@Transactional(readOnly = true)
public class Paper {

    private static final int BOLD = 700;
    private static final int REGULAR = 400;
    private static final int SEMIBOLD = 600;

    static {
        XRLog.setLoggerImpl(new Slf4jLogger());
    }

    private final Homeworks homeworks;
    private final Households households;
    private final FoodLines food;
    private final OwnerLinks links;
    private final Wordings wordings;
    private final AccountService accounts;
    private final Setups setups;
    private final Weeks weeks;
    private final SpringTemplateEngine templates;
    private final Clock clock;

    Paper(Homeworks homeworks, Households households, FoodLines food, OwnerLinks links, Wordings wordings, AccountService accounts, Setups setups, Weeks weeks, SpringTemplateEngine templates, Clock clock) {
        this.homeworks = homeworks;
        this.households = households;
        this.food = food;
        this.links = links;
        this.wordings = wordings;
        this.accounts = accounts;
        this.setups = setups;
        this.weeks = weeks;
        this.templates = templates;
        this.clock = clock;
    }

    /** @param site where the application is reached, for the link and its code */
    public PaperSheet sheet(PracticeId practice, long id, String site) {
        Homework sheet = homeworks.get(practice, id);
        Facts facts = households.facts(practice, sheet.householdId());
        ZoneId zone = facts.household().zone();
        LocalDate issued = sheet.issuedAt().atZone(zone).toLocalDate();
        Optional<String> link = links.token(practice, sheet.householdId()).map(token -> site + "/o/" + token);
        String next = facts.lessonAfter(sheet.issuedAt()).filter(l -> !l.startsAt().atZone(zone).toLocalDate().equals(issued)).map(l -> l.when(zone)).orElse("");
        return new PaperSheet(sheet, facts, issued, next, sheet.issuedBy() + ", " + accounts.name(practice), link, link.map(QrCode::of),
                food.of(practice, facts, sheet.pieces(), issued), wordings.strangers(practice, facts),
                setups.at(practice, sheet.householdId(), sheet.issuedAt()), weeks.asPlanned(practice, sheet.householdId(), id, Instant.now(clock)), now(practice, sheet), accounts.trainers(practice));
    }

    private List<Assignment> now(PracticeId practice, Homework sheet) {
        boolean isOut = homeworks.latest(practice, sheet.householdId()).filter(h -> h.id() == sheet.id()).isPresent();
        return isOut ? homeworks.assignments(practice, sheet, Moment.DAYS, Instant.now(clock)) : List.of();
    }

    public byte[] pdf(PracticeId practice, long id, String site) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("paper", sheet(practice, id, site));
        context.setVariable("pdf", true);
        context.setVariable("css", css());
        String html = templates.process("paper/sheet", context);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useFont(font("atkinson-hyperlegible-400"), "Atkinson Hyperlegible", REGULAR, FontStyle.NORMAL, true);
        builder.useFont(font("atkinson-hyperlegible-700"), "Atkinson Hyperlegible", BOLD, FontStyle.NORMAL, true);
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
