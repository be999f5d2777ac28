package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Quick;
import cahier.core.decide.TrackKind;
import com.fasterxml.jackson.databind.JsonNode;
import jakarta.servlet.ServletException;
import java.lang.reflect.RecordComponent;
import java.net.URI;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.BeanUtils;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.core.MethodParameter;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every command there is, found in the application's own list, is given nothing and nonsense: it answers in words, never with a fault. */
class EveryCommandTest extends AppTest {

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Households households;

    private TrainerUser me;
    private Home home;
    private long lesson;
    private long sheet;

    private void makeHome() throws Exception {
        me = practices.trainerOf("Marrow Field", "Tove Asker", "tove@marrowfield.example");
        home = homes.make(me, TrackKind.SKILL, 3);
        home.practise("ccccc");
        lesson = PracticeScope.within(me.practice(), () -> {
            households.put(me.practice(), new Lesson(0, home.id, now(), 60, "", 0));
            return home.facts().lessons().get(0).id();
        });
        sheet = PracticeScope.within(me.practice(), () -> homeworks.latest(me.practice(), home.id).orElseThrow().id());
    }

    private String filled(String pattern) {
        long dog = home.facts().dogs().get(0).id();
        long person = home.facts().people().get(0).id();
        return pattern.replace("{token}", home.token).replace("{household}", home.id + "").replace("/households/{id}", "/households/" + home.id).replace("{track}", home.track + "")
                .replace("/tracks/{id}", "/tracks/" + home.track).replace("/steps/{id}", "/steps/" + home.stepNow()).replace("{step}", home.stepNow() + "").replace("/lessons/{id}", "/lessons/" + lesson)
                .replace("{lesson}", lesson + "").replace("/sheets/{id}", "/sheets/" + sheet).replace("{sheet}", sheet + "").replace("{dog}", dog + "").replace("{person}", person + "")
                .replace("{danger}", "FENCE").replaceAll("/(reps|sessions|exposures|watch-taps|outings|departures|touches|counts)/\\{id}", "/$1/7f0c5d0e-3b0a-4f6e-9d55-0d1a3c1b2e4f").replace("{kind:people|dogs|places|words|lessons}", "people").replaceAll("\\{[^}]+}", "1");
    }

    /** The fields a command reads, of its forms and of its own. */
    private static Set<String> fields(HandlerMethod method) {
        Set<String> fields = new LinkedHashSet<>();
        for (MethodParameter parameter : method.getMethodParameters()) {
            parameter.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
            if (parameter.hasParameterAnnotation(RequestParam.class) && parameter.getParameterName() != null) {
                RequestParam named = parameter.getParameterAnnotation(RequestParam.class);
                fields.add(named == null || named.value().isEmpty() ? parameter.getParameterName() : named.value());
            }
            if (parameter.getParameterType().isRecord() && !BeanUtils.isSimpleValueType(parameter.getParameterType())) {
                Arrays.stream(parameter.getParameterType().getRecordComponents()).map(RecordComponent::getName).forEach(fields::add);
            }
        }
        return fields;
    }

    private static boolean isJson(HandlerMethod method) {
        return Arrays.stream(method.getMethodParameters()).anyMatch(p -> p.hasParameterAnnotation(RequestBody.class) || JsonNode.class.isAssignableFrom(p.getParameterType()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "/{x}", "-1", "99999999999999999999", "NaN", "\u0645\u0631\u062d\u0628\u0627 \uD83D\uDC36", "[", "MANY"})
    void nonsenseIsAnsweredInWords(String nonsense) throws Exception {
        Quick.skip();
        makeHome();
        String typed = nonsense.equals("MANY") ? "many ".repeat(4_000) : nonsense;
        Map<String, HandlerMethod> commands = new TreeMap<>();
        for (Map.Entry<RequestMappingInfo, HandlerMethod> entry : requestMappingHandlerMapping.getHandlerMethods().entrySet()) {
            if (entry.getKey().getMethodsCondition().getMethods().contains(RequestMethod.POST)) {
                entry.getKey().getPatternValues().forEach(p -> commands.put(p, entry.getValue()));
            }
        }
        assertThat(commands).hasSizeGreaterThan(100);
        List<String> broken = new ArrayList<>();
        for (Map.Entry<String, HandlerMethod> command : commands.entrySet()) {
            MockHttpServletRequestBuilder request = post(URI.create(filled(command.getKey()))).with(user(me)).with(csrf());
            if (isJson(command.getValue())) {
                request.contentType(APPLICATION_JSON).content(typed);
            } else if (!typed.isEmpty()) {
                fields(command.getValue()).forEach(f -> request.param(f, typed));
            }
            try {
                int status = mvc.perform(request).andReturn().getResponse().getStatus();
                if (status >= 500) {
                    broken.add(command.getKey() + " " + status);
                }
            } catch (ServletException e) {
                broken.add(command.getKey() + " " + e.getCause());
            }
        }
        assertThat(broken).isEmpty();
    }
}
