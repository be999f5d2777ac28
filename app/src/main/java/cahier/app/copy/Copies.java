package cahier.app.copy;

import cahier.app.account.AccountService;
import cahier.app.audit.Audited;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.lesson.Calendars;
import cahier.app.paper.PaperPdf;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.Homeworks;
import cahier.app.web.Site;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Writes a household or a practice whole into a file. The rows are read in one transaction that sees one moment; the sheets are drawn outside of any. */
@Service
public class Copies {

    /** A sheet takes a moment to draw: of a household the newest. */
    private static final int MOST_SHEETS = 30;
    private static final int YEARS = 100;

    private final Catalogue catalogue;
    private final CopyMapper mapper;
    private final Households households;
    private final AccountService accounts;
    private final Homeworks homeworks;
    private final Calendars calendars;
    private final PaperPdf pdf;
    private final Site site;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate moment;
    private final TransactionTemplate transactions;

    Copies(Catalogue catalogue, CopyMapper mapper, Households households, AccountService accounts, Homeworks homeworks, Calendars calendars, PaperPdf pdf, Site site,
           ApplicationEventPublisher events, PlatformTransactionManager manager) {
        this.catalogue = catalogue;
        this.mapper = mapper;
        this.households = households;
        this.accounts = accounts;
        this.homeworks = homeworks;
        this.calendars = calendars;
        this.pdf = pdf;
        this.site = site;
        this.events = events;
        this.transactions = new TransactionTemplate(manager);
        this.moment = new TransactionTemplate(manager);
        this.moment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    /** One household; the caller deletes the file. */
    public Path household(PracticeId practice, long household, Audited.What what, Instant now) {
        return write(practice, household, what, now);
    }

    /** The whole practice; the caller deletes the file. */
    public Path practice(PracticeId practice, Instant now) {
        return write(practice, null, Audited.What.EXPORTED, now);
    }

    /** How many rows of each table belong to a household. */
    public Map<String, Integer> counts(PracticeId practice, long household) {
        return Objects.requireNonNull(moment.execute(t -> {
            Map<String, Integer> counts = new TreeMap<>();
            catalogue.ofHousehold().forEach(table -> counts.put(table.name(), mapper.count(table.name(), Catalogue.rows(table, household), practice, household)));
            return counts;
        }));
    }

    private record Sheet(long id, String name) {
    }

    private Path write(PracticeId practice, @Nullable Long household, Audited.What what, Instant now) {
        Path file = temporary();
        try (CopyWriter out = new CopyWriter(new BufferedOutputStream(Files.newOutputStream(file)), mapper, practice, household)) {
            List<Sheet> sheets = Objects.requireNonNull(moment.execute(t -> {
                try {
                    return rows(out, practice, household, now);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }));
            for (Sheet sheet : sheets) {
                out.file("sheets/" + sheet.name() + ".pdf", pdf.of(practice, sheet.id(), site.address()));
            }
        } catch (IOException | UncheckedIOException e) {
            delete(file);
            throw new IllegalStateException("the copy could not be written", e);
        } catch (RuntimeException e) {
            delete(file);
            throw e;
        }
        transactions.executeWithoutResult(t -> events.publishEvent(new Audited(practice, what, household, "", now)));
        return file;
    }

    private List<Sheet> rows(CopyWriter out, PracticeId practice, @Nullable Long household, Instant now) throws IOException {
        Map<Long, Household> homes = household == null ? households.byId(practice) : Map.of(household, households.get(practice, household));
        Map<String, Integer> counts = out.rows(household == null ? catalogue.tables() : catalogue.ofHousehold());
        String name = household == null ? accounts.name(practice) : Objects.requireNonNull(homes.get(household)).name();
        out.file(Manifest.ENTRY, CopyWriter.JSON.writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new Manifest(Manifest.FORMAT, household == null ? Manifest.Of.practice : Manifest.Of.household, name, now.truncatedTo(ChronoUnit.SECONDS), counts)));
        ZoneId zone = household == null ? accounts.zone(practice) : Objects.requireNonNull(homes.get(household)).zone();
        out.reps(line -> DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(line.happenedAt().atZone(zone)));
        List<Lesson> lessons = household == null ? households.lessonsBetween(practice, now.minus(365L * YEARS, ChronoUnit.DAYS), now.plus(365L * YEARS, ChronoUnit.DAYS))
                : households.facts(practice, household).lessons();
        out.file("lessons.ics", calendars.write(lessons, homes, now).getBytes(StandardCharsets.UTF_8));
        if (household != null) {
            return homeworks.newestOf(practice, household, MOST_SHEETS).stream().map(h -> new Sheet(h.id(), "sheet-" + h.number())).toList();
        }
        return homes.values().stream().flatMap(h -> homeworks.latest(practice, h.id()).map(sheet -> new Sheet(sheet.id(), "household-" + h.id() + "-sheet-" + sheet.number())).stream()).toList();
    }

    private static Path temporary() {
        try {
            return Files.createTempFile("cahier-copy-", ".zip");
        } catch (IOException e) {
            throw new UncheckedIOException("there is no room for the copy", e);
        }
    }

    static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
