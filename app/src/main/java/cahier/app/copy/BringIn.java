package cahier.app.copy;

import cahier.app.audit.Audited;
import cahier.app.copy.Catalogue.Column;
import cahier.app.copy.Catalogue.Table;
import cahier.app.language.Words;
import cahier.app.scope.Secret;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.BadFile;
import cahier.app.web.CleanText;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.io.Serializable;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Brings a copy into the practice of who is signed in, all of it or nothing: the rows get numbers of their own here, times and the phones' ids stay. */
@Service
public class BringIn {

    private static final int AT_ONCE = 500;
    /** Rows that a practice has one of, whichever came first. */
    private static final Set<String> FIRST_STAYS = Set.of("mail_text", "method_choice", "calendar_link");

    private final Catalogue catalogue;
    private final CopyMapper mapper;
    private final PasswordEncoder passwords;
    private final ApplicationEventPublisher events;

    BringIn(Catalogue catalogue, CopyMapper mapper, PasswordEncoder passwords, ApplicationEventPublisher events) {
        this.catalogue = catalogue;
        this.mapper = mapper;
        this.passwords = passwords;
        this.events = events;
    }

    /**
     * What came in.
     *
     * @param households their numbers here
     * @param trainers addresses of trainers who were not known here
     * @param rows how many rows of each table
     */
    public record Came(String name, List<Long> households, List<String> trainers, Map<String, Integer> rows) implements Serializable {
    }

    /**
     * Everything a file holds.
     *
     * @throws BadFile when something in it does not fit; nothing has come in then
     */
    @Transactional(propagation = Propagation.NESTED)
    public Came from(TrainerUser me, Path file, Instant now) {
        try (CopyFile copy = CopyFile.open(file)) {
            return new Taking(me, copy).all(now);
        } catch (IOException e) {
            throw new BadFile(List.of(Words.say("copy.BringIn.the-file-cannot-be-read")));
        }
    }

    /** One file on its way in. */
    private final class Taking {

        private final TrainerUser me;
        private final CopyFile copy;
        private final Numbers numbers = new Numbers();
        private final Map<String, Integer> came = new LinkedHashMap<>();
        private final List<String> trainers = new ArrayList<>();
        private List<Long> households = List.of();

        Taking(TrainerUser me, CopyFile copy) {
            this.me = me;
            this.copy = copy;
        }

        Came all(Instant now) throws IOException {
            boolean whole = copy.manifest().of() == Manifest.Of.practice;
            List<Table> tables = whole ? catalogue.tables() : catalogue.ofHousehold();
            copy.refuseOthers(tables.stream().map(Table::name).collect(Collectors.toSet()));
            boolean fresh = !mapper.hasHouseholds(me.practice());
            mapper.nobodysEdits();
            numbers.put("practice", List.of(1L), List.of(me.practice().value()));
            takeTrainers(whole, fresh);
            for (Table table : tables) {
                if (table.counted() && !table.name().equals("trainer") && !table.name().equals("practice")) {
                    take(table);
                }
            }
            for (Table table : tables) {
                if (table.name().equals("practice")) {
                    settings(table, fresh);
                } else if (!table.name().equals("trainer")) {
                    rows(table);
                }
            }
            events.publishEvent(Audited.of(me.practice(), Audited.What.IMPORTED, now));
            return new Came(copy.manifest().name(), households, List.copyOf(trainers), came);
        }

        /** Numbers here for the rows of a table. */
        private void take(Table table) {
            int count = copy.count(table.name());
            List<Long> fresh = count == 0 ? List.of() : mapper.take(table.name(), count);
            numbers.put(table.name(), LongStream.rangeClosed(1, count).boxed().toList(), fresh);
            if (table.name().equals("household")) {
                households = fresh;
            }
        }

        /**
         * Trainers are known by their mail address. Who is not known here comes in only where there is nothing yet to see, is named on the page, and chooses a password by mail: a copy
         * must not open a practice to whoever wrote it. Of a household's copy, everybody is who brings it in.
         */
        private void takeTrainers(boolean whole, boolean fresh) throws IOException {
            List<Long> local = new ArrayList<>();
            if (whole) {
                copy.each("trainer", row -> local.add(trainer(row, fresh)));
            }
            List<Long> everybody = LongStream.rangeClosed(1, CopyFile.MOST_TRAINERS).boxed().toList();
            numbers.put("trainer", everybody, everybody.stream().map(n -> n <= local.size() ? local.get((int) (n - 1)) : Long.valueOf(me.id())).toList());
        }

        private String text(JsonNode row, String field) {
            return CleanText.of(row.path(field).asText("")).strip();
        }

        private long trainer(JsonNode row, boolean fresh) {
            String name = text(row, "name");
            String email = text(row, "email");
            boolean left = !text(row, "left_at").isEmpty();
            TrainerRole role = text(row, "role").equals(TrainerRole.READS.name()) ? TrainerRole.READS : TrainerRole.TRAINS; // who runs the practice is said here and not by a file
            if (name.isEmpty() || !email.contains("@")) {
                throw new BadFile(List.of(Words.say("copy.BringIn.trainer-each-has-a-name")));
            }
            Long known = mapper.trainer(me.practice(), email);
            if (known != null || !fresh) {
                return known == null ? me.id() : known;
            }
            Long added = mapper.addTrainer(me.practice(), name, email, text(row, "phone"), passwords.encode(Secret.fresh()), role, left);
            if (added != null && !left) {
                trainers.add(email);
            }
            return added == null ? me.id() : added;
        }

        /** What the practice says of itself is taken where there is nothing yet that would be changed by it. */
        private void settings(Table table, boolean fresh) throws IOException {
            copy.each(table.name(), read -> {
                ObjectNode row = checked(table, read);
                if (fresh && !row.isEmpty()) {
                    mapper.clearChoices(me.practice());
                    keep(table, List.of(row), () -> mapper.settings(me.practice(), columns(table, row), row.toString()));
                }
            });
        }

        private void rows(Table table) throws IOException {
            List<ObjectNode> batch = new ArrayList<>();
            int count = copy.each(table.name(), read -> {
                ObjectNode row = checked(table, read);
                numbers.change(table, row);
                row.put("practice_id", me.practice().value());
                fit(table, row);
                batch.add(row);
                if (batch.size() == AT_ONCE) {
                    insert(table, batch);
                    batch.clear();
                }
            });
            insert(table, batch);
            came.put(table.name(), count);
        }

        /** What a row may hold: columns that are known here, with clean texts. */
        private ObjectNode checked(Table table, JsonNode node) {
            if (!(node instanceof ObjectNode row)) {
                throw new BadFile(List.of(Words.say("copy.BringIn.each-row-is-an-object", table.name(), node.getNodeType())));
            }
            Map<String, Column> known = table.byName();
            row.fieldNames().forEachRemaining(name -> {
                if (!known.containsKey(name)) {
                    throw new BadFile(List.of(Words.say("copy.BringIn.no-column-is-called-here", table.name(), name)));
                }
            });
            Secrets.leaveOut(table.name(), row);
            clean(row);
            return row;
        }

        private void clean(JsonNode node) {
            if (node instanceof ObjectNode object) {
                object.properties().forEach(e -> {
                    if (e.getValue().isTextual()) {
                        e.setValue(TextNode.valueOf(CleanText.of(e.getValue().textValue())));
                    } else {
                        clean(e.getValue());
                    }
                });
            } else if (node instanceof ArrayNode list) {
                for (int i = 0; i < list.size(); i++) {
                    if (list.get(i).isTextual()) {
                        list.set(i, TextNode.valueOf(CleanText.of(list.get(i).textValue())));
                    } else {
                        clean(list.get(i));
                    }
                }
            }
        }

        /** Mail that was still waiting there is not sent once more from here. */
        private void fit(Table table, ObjectNode row) {
            if (table.name().equals("mail") && Set.of("WAITING", "FAILED").contains(row.path("state").asText())) {
                row.put("state", "DROPPED").put("trouble", Words.say("copy.BringIn.it-was-still-waiting-when"));
            }
        }

        private void insert(Table table, List<ObjectNode> batch) {
            if (!batch.isEmpty()) {
                String rows = batch.stream().map(ObjectNode::toString).collect(Collectors.joining(",", "[", "]"));
                keep(table, batch, () -> mapper.insert(table.name(), columns(table, batch.get(0)), rows, FIRST_STAYS.contains(table.name()) ? Words.say("copy.BringIn.on-conflict-do-nothing") : ""));
            }
        }

        private void keep(Table table, List<ObjectNode> batch, Runnable keep) {
            String columns = columns(table, batch.get(0));
            if (batch.stream().anyMatch(row -> !columns(table, row).equals(columns))) {
                throw new BadFile(List.of(Words.say("copy.BringIn.every-row-names-the-same", table.name())));
            }
            try {
                keep.run();
            } catch (DuplicateKeyException e) {
                throw new BadFile(List.of(Words.say("copy.BringIn.some-of-it-is-here", table.name())));
            } catch (DataIntegrityViolationException e) {
                throw new BadFile(List.of(Words.say("copy.BringIn.a-row-does-not-fit", table.name(), constraint(e))));
            }
        }

        private static @Nullable String nameIn(@Nullable String message) {
            return message == null ? null : Stream.of(message.split("\"")).filter(part -> part.matches("\\w{3,60}_(check|fkey|key|pkey)")).findFirst().orElse(null);
        }

        private static String constraint(DataIntegrityViolationException e) {
            String name = nameIn(e.getMostSpecificCause().getMessage());
            return name == null ? "" : " (" + name + ")";
        }

        private static String columns(Table table, ObjectNode row) {
            return table.columns().stream().map(Column::name).filter(row::has).collect(Collectors.joining(", "));
        }
    }
}
