package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import cahier.app.history.WhoLooked;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Postgres;
import cahier.app.support.Quick;
import jakarta.servlet.ServletException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every page there is, found in the application's own list, opened on the demo: it answers, and the database is afterwards as it was. */
class GetsWriteNothingTest extends AppTest {

    /** Rows of signing in and of the schedule, which no page writes; and who looked, which is written beside the page. */
    private static final Set<String> NO_DATA = Set.of("look", "brake", "spring_session", "spring_session_attributes", "shedlock", "flyway_schema_history");
    /** What a page needs in its address beside numbers. */
    private static final Map<String, String> ASKS = Map.of("/shelf/compare", "?t=stay&t=wait", "/bench/recording.wav", "?spell=3", "/tracks/{id}/payback", "?uses=4", "/tracks/{id}/what-if", "?pass=RUN&run=5",
            "/effort", "?pass=RUN&run=5&reps=8&sessions=2");
    private static final String TIMES = "select coalesce(sum(times), 0) from look";
    private static final Pattern ABOUT_NO_HOUSEHOLD = Pattern.compile("^/(o|shelf|outbox|calendar|erasures|new-password|join|settings)/");
    private static final String TOKEN = "demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";
    /** Pages that the demo has nothing for, or that only exist before the first practice. */
    private static final Set<String> NOT_IN_THE_DEMO = Set.of("/first-run", "/error", "/bench", "/o/{token}/times.ics", "/calendar/{secret}.ics", "/shelf/own-{id}/edit", "/shelf/own-{id}/steps/{key}", "/tracks/{track}/call",
            "/tracks/{track}/split", "/erasures/{id}", "/login/code", "/account/second-factor");

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;
    @Value("${spring.datasource.url}")
    private String url;
    @Autowired
    private WhoLooked looks;
    private JdbcTemplate all;
    private long household;
    private String track;
    private String step;

    @BeforeEach
    void findTheDemo() {
        Quick.skip();
        all = new JdbcTemplate(Postgres.superuserOf(url));
        household = number("select household_id from week_plan order by 1 limit 1");
        track = Long.toString(number("select min(track_id) from decision where state = 'OPEN' and household_id = " + household));
        step = Long.toString(number("select step_id from homework_item where homework_id = (select max(id) from homework where household_id = " + household + ") order by position limit 1"));
    }

    private String ofThePractice(String table, String and) {
        return all.queryForObject("select min(id::text) from " + table + " where practice_id = (select practice_id from household where id = " + household + ") " + and, String.class);
    }

    private long number(String sql) {
        return Optional.ofNullable(all.queryForObject(sql, Long.class)).orElseThrow();
    }

    private String id(String table) {
        return all.queryForObject("select min(id::text) from " + table + " where household_id = " + household, String.class);
    }

    private String filled(String pattern) {
        String filled = pattern + ASKS.getOrDefault(pattern, "");
        return filled.replace("{token}", TOKEN).replace("{step}", step).replace("{household}", household + "").replace("{track}", track)
                .replace("/households/{id}", "/households/" + household).replace("/tracks/{id}", "/tracks/" + track)
                .replace("/steps/{id}", "/steps/" + step).replace("/lessons/{id}", "/lessons/" + lesson())
                .replace("/o/" + TOKEN + "/alarms/{id}", "/o/" + TOKEN + "/alarms/" + ofThePractice("alarm", ""))
                .replace("/alarms/{id}", "/alarms/" + ofThePractice("alarm", ""))
                .replace("/baselines/{id}", "/baselines/" + ofThePractice("baseline", "and kind = 'WATCH'"))
                .replace("/settings/trainers/{id}", "/settings/trainers/" + ofThePractice("trainer", ""))
                .replace("/flags/{id}", "/flags/" + ofThePractice("gate", ""))
                .replace("/sheets/{id}", "/sheets/" + id("homework")).replace("/texts/{kind}", "/texts/HOMEWORK")
                .replace("/shelf/{name}", "/shelf/recall").replace("{word}", "never-made");
    }

    /** One that may begin. */
    private String lesson() {
        return all.queryForObject("select min(id::text) from lesson where household_id = " + household + " and state not in ('GIVEN', 'MISSED')", String.class);
    }

    private Set<String> patterns() {
        Set<String> patterns = new TreeSet<>();
        for (RequestMappingInfo info : requestMappingHandlerMapping.getHandlerMethods().keySet()) {
            Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
            if (methods.isEmpty() || methods.contains(RequestMethod.GET)) {
                patterns.addAll(info.getPatternValues());
            }
        }
        assertThat(patterns).hasSizeGreaterThan(80).containsAll(NOT_IN_THE_DEMO);
        patterns.removeAll(NOT_IN_THE_DEMO);
        return patterns;
    }

    @Test
    void everyPageAnswersAndLeavesEveryRowAsItWas() throws Exception {
        TrainerUser imre = imre();
        open(imre, "/"); // what is due is judged before the count
        send(imre, "/lessons/" + lesson() + "/begin");
        Map<String, String> before = Postgres.rows(url, NO_DATA);
        looks.round();
        List<String> broken = new ArrayList<>();
        List<String> notedWrong = new ArrayList<>();
        for (String pattern : patterns()) {
            long looked = number(TIMES);
            try {
                int status = mvc.perform(get(filled(pattern)).with(user(imre))).andReturn().getResponse().getStatus();
                if (status != 200) {
                    broken.add(filled(pattern) + " " + status);
                }
            } catch (ServletException e) {
                broken.add(filled(pattern) + " " + e.getCause());
            }
            looks.round();
            boolean isOfAHousehold = pattern.contains("{") && !ABOUT_NO_HOUSEHOLD.matcher(pattern).find() && !pattern.endsWith("/hour/state");
            if (number(TIMES) - looked != (isOfAHousehold ? 1 : 0)) {
                notedWrong.add(pattern);
            }
        }
        assertThat(broken).isEmpty();
        assertThat(notedWrong).as("every page of a household is noted as looked at, and no other").isEmpty();
        assertThat(Postgres.rows(url, NO_DATA)).isEqualTo(before);
    }
}
