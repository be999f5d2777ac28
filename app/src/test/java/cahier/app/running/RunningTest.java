package cahier.app.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import cahier.app.scope.Slow;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Invocation;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.slf4j.LoggerFactory;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.servlet.HandlerMapping;

class RunningTest {

    private final Logger requests = (Logger) LoggerFactory.getLogger("cahier.request");
    private final Logger questions = (Logger) LoggerFactory.getLogger(Slow.class);
    private final ListAppender<ILoggingEvent> said = new ListAppender<>();
    private final Level before = requests.getLevel();

    @BeforeEach
    void listen() {
        said.start();
        requests.setLevel(Level.INFO);
        requests.addAppender(said);
        questions.addAppender(said);
    }

    @AfterEach
    void listenNoMore() {
        requests.detachAppender(said);
        questions.detachAppender(said);
        requests.setLevel(before);
    }

    private List<String> lines() {
        return said.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
    }

    private void ask(String address, String pattern) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", address);
        request.setQueryString("find=Tolliver");
        MockHttpServletResponse response = new MockHttpServletResponse();
        new RequestLog().doFilter(request, response, new MockFilterChain(new jakarta.servlet.http.HttpServlet() {

            private static final long serialVersionUID = 1L;

            @Override
            protected void service(jakarta.servlet.http.HttpServletRequest asked, jakarta.servlet.http.HttpServletResponse answer) {
                asked.setAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE, pattern);
                answer.setStatus(204);
            }
        }));
    }

    @Test
    void aRequestIsALineThatSaysNobody() throws Exception {
        ask("/o/4Zr8wQ2hVt6KxNq1Lb9sYc3d/reps", "/o/{token}/reps");
        ask("/households/7/nobody-answers-this", null);
        assertThat(lines()).hasSize(2);
        assertThat(lines().get(0)).matches("POST /o/\\{token}/reps 204 \\d+ ms");
        assertThat(lines().get(1)).matches("POST - 204 \\d+ ms");
        assertThat(said.list.get(0).getKeyValuePairs().toString()).contains("path=\"/o/{token}/reps\"", "status=\"204\"").doesNotContain("Zr8w", "Tolliver");
        requests.setLevel(Level.OFF);
        ask("/o/4Zr8wQ2hVt6KxNq1Lb9sYc3d/reps", "/o/{token}/reps");
        assertThat(lines()).as("unless nobody wants them").hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "60000, 0"})
    void aQuestionThatTookLongIsNamed(long slowMs, int lines) throws Throwable {
        MappedStatement statement = mock(MappedStatement.class);
        when(statement.getId()).thenReturn("cahier.app.desk.DeskMapper.placed");
        Invocation question = mock(Invocation.class);
        when(question.getArgs()).thenReturn(new Object[] {statement, "what was asked"});
        when(question.proceed()).thenReturn(List.of(3));
        assertThat(new SlowQuestions(new Slow(slowMs)).intercept(question)).isEqualTo(List.of(3));
        assertThat(lines()).hasSize(lines).allSatisfy(l -> assertThat(l).matches("cahier.app.desk.DeskMapper.placed took \\d+ ms"));
    }
}
