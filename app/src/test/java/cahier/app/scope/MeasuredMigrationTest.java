package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.Installation;
import cahier.app.support.Postgres;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** The ladders of before become steps that measure, and not one logged meeting, departure or touch is lost. */
class MeasuredMigrationTest {

    private final String url = Postgres.freshDatabase();
    private final JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(url));

    private FluentConfiguration flyway() {
        return Flyway.configure().dataSource(url, Postgres.owner(), Postgres.password()).placeholders(Map.of("application", Postgres.user()));
    }

    private void track(int id, String template, String topic) {
        all.update("insert into track (id, practice_id, household_id, dog_id, title, kind, topic, position, template) overriding system value values (?, 9, 9, 9, ?, 'COMFORT', ?, ?, ?)", id, template, topic, id, template);
    }

    private void step(int id, int track, String key) {
        all.update("insert into step (id, practice_id, household_id, track_id, position, title, run, reps, sessions, minutes, made_at, template_key) overriding system value "
                + "values (?, 9, 9, ?, ?, ?, 5, 6, 1, 20, '2025-03-01 10:00Z', ?)", id, track, id, key, key);
    }

    private List<String> steps(int track) {
        return all.queryForList("select template_key || coalesce(' ' || (teaching->'measure'->>'kind') || ' ' || (teaching->'measure'->>'about'), '') from step where track_id = ? and removed_at is null order by position", String.class, track);
    }

    private int count(String what) {
        return all.queryForObject("select count(*) from " + what, Integer.class);
    }

    @Test
    void laddersMeasureAndTheirLogsAreTheirReps() {
        flyway().target("32").load().migrate();
        Installation.fill(all, 1, 32);
        track(21, "being-alone", "ALONE");
        step(210, 21, "out");
        step(211, 21, "s10");
        step(212, 21, "m1");
        all.update("insert into visit (practice_id, track_id, step_id, entered_at) values (9, 21, 211, '2025-03-01 10:00Z')");
        track(22, "dogs-and-people", "DOGS");
        step(220, 22, "eats");
        step(221, 22, "d40");
        step(222, 22, "d10");
        step(223, 22, "parallel");
        all.update("insert into visit (practice_id, track_id, step_id, entered_at) values (9, 22, 220, '2025-03-01 10:00Z')");
        all.update("insert into need (practice_id, household_id, track_id, step_id, first_track_id, first_step_id) values (9, 9, 22, 221, 21, 211), (9, 9, 22, 222, 21, 212), (9, 9, 22, 223, 21, 210)");
        track(23, "handling", "HANDLING");
        step(230, 23, "chest");
        step(231, 23, "ears");
        all.update("insert into visit (practice_id, track_id, step_id, entered_at) values (9, 23, 231, '2025-03-01 10:00Z')");
        track(24, "being-alone", "ALONE");
        step(240, 24, "m5");
        all.update("update track set off_at = now() where id = 24");
        for (int i = 0; i < 6; i++) {
            all.update("insert into departure (id, practice_id, household_id, dog_id, sitting_id, left_s, upset_after_s, happened_at, received_at) values (gen_random_uuid(), 9, 9, 9, '00000000-0000-4000-8000-0000000000aa', 20, ?, now() - interval '1 day' + ? * interval '1 minute', now())", i == 5 ? 14 : null, i);
            all.update("insert into exposure (id, practice_id, household_id, dog_id, kind, metres, given, response, happened_at, received_at, undone_at) values (gen_random_uuid(), 9, 9, 9, ?, 20, '20 m', ?, now() - interval '2 days', now(), ?::timestamptz)",
                    i == 4 ? "CYCLE" : "DOG", i == 1 ? "PROMPTED" : i == 2 ? "REACTED" : "UNPROMPTED", i == 3 ? "2025-03-01 10:00Z" : null);
            all.update("insert into touch (id, practice_id, household_id, dog_id, sitting_id, zone, seconds, seen, came_back, happened_at, received_at) values (gen_random_uuid(), 9, 9, 9, '00000000-0000-4000-8000-0000000000bb', 'CHIN', 2, ?, ?, now() - interval '3 days', now())",
                    i == 0 ? "FLINCH" : "CALM", i != 1);
        }
        int departures = count("departure where undone_at is null and dog_id = 9");
        int dogs = count("exposure where undone_at is null and kind = 'DOG' and dog_id = 9");
        int touches = count("touch where undone_at is null and dog_id = 9");
        int before = count("rep");

        flyway().load().migrate();

        assertThat(steps(21)).containsExactly("out", "away ALONE ");
        assertThat(steps(22)).containsExactly("eats", "near DISTANCE DOG", "parallel");
        assertThat(steps(23)).containsExactly("chest", "ears ZONE EAR_LEFT");
        assertThat(steps(24)).as("what was taken off stays as it was").containsExactly("m5");
        assertThat(all.queryForList("select s.template_key from visit v join step s on s.id = v.step_id where v.left_at is null and not v.undone and v.track_id in (21, 22, 23) order by v.track_id", String.class)).containsExactly("away", "eats", "ears");
        assertThat(count("rep") - before).isEqualTo(departures + dogs + touches);
        assertThat(count("departure d join rep r on r.id = d.id and r.track_id = 21 and r.value = coalesce(d.upset_after_s, d.left_s) and r.visit_id is not null where d.undone_at is null")).isEqualTo(departures);
        assertThat(count("exposure e join rep r on r.id = e.id and r.track_id = 22 and r.visit_id is null where e.kind = 'DOG'")).isEqualTo(dogs);
        assertThat(all.queryForList("select distinct e.response || ' ' || r.outcome from exposure e join rep r on r.id = e.id order by 1", String.class)).containsExactly("PROMPTED HELPED", "REACTED TOO_MUCH", "UNPROMPTED CLEAN");
        assertThat(all.queryForList("select distinct h.seen || ' ' || coalesce(h.came_back, true) || ' ' || r.outcome || ' ' || r.level from touch h join rep r on r.id = h.id where h.zone = 'CHIN' order by 1", String.class))
                .contains("CALM true CLEAN CHIN", "CALM false MISSED CHIN", "FLINCH true TOO_MUCH CHIN");
        assertThat(count("(select sum(clean + helped + missed + too_much) as n from practice_day where track_id in (21, 22, 23)) d where n = " + (departures + dogs + touches))).isEqualTo(1);
        assertThat(all.queryForList("select s.template_key || ' after ' || f.template_key from need n join step s on s.id = n.step_id join step f on f.id = n.first_step_id where n.track_id = 22 order by 1", String.class))
                .containsExactly("near after away", "parallel after out");
        assertThat(all.queryForList("select words from update_note where household_id = 9 and words like '%now measures%'", String.class)).hasSize(2);
        assertThat(count("judgement_due where track_id in (21, 22, 23)")).isEqualTo(3);
    }

    @Test
    void longWatchingMeasuresItsSittingsAndTheirTapsAreItsReps() {
        flyway().target("36").load().migrate();
        Installation.fill(all, 1, 36);
        track(25, "long-watching", "PEOPLE");
        step(250, 25, "eats");
        step(251, 25, "quiet");
        step(252, 25, "d40");
        step(253, 25, "busy");
        all.update("insert into visit (practice_id, track_id, step_id, entered_at) values (9, 25, 252, '2025-03-01 10:00Z')");
        all.update("insert into watching (id, practice_id, household_id, dog_id, began_at, carried, received_at) values ('00000000-0000-4000-8000-0000000000cc', 9, 9, 9, '2025-03-02 10:00Z', 30, now())");
        String[] seen = {"CALM", "REACTED", "ATE", "REACTED", "CALM", "END"};
        for (int i = 0; i < seen.length; i++) {
            all.update("insert into watching_tap (id, practice_id, household_id, watching_id, seen, happened_at, undone_at) values (gen_random_uuid(), 9, 9, '00000000-0000-4000-8000-0000000000cc', ?, '2025-03-02 10:00Z'::timestamptz + ? * interval '6 minutes', ?::timestamptz)",
                    seen[i], i, null);
        }
        all.update("delete from method_choice where household_id = 9 and question = 'EXPOSURE'");
        all.update("insert into method_choice (practice_id, household_id, question, choice) values (9, 9, 'EXPOSURE', 'EXPOSE_LONG_WATCHING')");

        flyway().load().migrate();

        assertThat(steps(25)).containsExactly("eats", "sits SITTING ");
        assertThat(all.queryForList("select s.template_key from visit v join step s on s.id = v.step_id where v.left_at is null and not v.undone and v.track_id = 25", String.class)).containsExactly("sits");
        assertThat(all.queryForList("select outcome || ' ' || value from rep where track_id = 25 and sitting_id = '00000000-0000-4000-8000-0000000000cc' and visit_id is not null order by happened_at", String.class)).containsExactly("CLEAN 0", "MISSED 6", "TOO_MUCH 18", "CLEAN 24");
        assertThat(count("practice_day where track_id = 25 and clean >= 2 and missed >= 1 and too_much >= 1")).isEqualTo(1);
        assertThat(count("update_note where household_id = 9 and words like '%grows with the sittings%'")).isEqualTo(1);
        assertThat(count("judgement_due where track_id = 25")).isEqualTo(1);
    }
}
