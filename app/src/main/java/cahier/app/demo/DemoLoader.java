package cahier.app.demo;

import cahier.app.account.AccountService;
import cahier.app.method.Methods;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.Random;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * Loads the demo into an empty database, once; a later start keeps what was entered. It is loaded before the first request is taken, and the
 * owners' links are printed when the application is ready.
 */
@Component
@Order(0)
@ConditionalOnProperty("cahier.demo")
class DemoLoader implements SmartInitializingSingleton, ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final AccountService accounts;
    private final Methods methods;
    private final DemoHousehold household;
    private final Clock clock;
    private final DemoFile file;
    private int port;

    DemoLoader(AccountService accounts, Methods methods, DemoHousehold household, Clock clock) throws IOException {
        this.methods = methods;
        this.accounts = accounts;
        this.household = household;
        this.clock = clock;
        ObjectMapper yaml = YAMLMapper.builder().addModule(new JavaTimeModule()).build();
        this.file = yaml.readValue(new ClassPathResource("demo/hollow-lane.yaml").getInputStream(), DemoFile.class);
    }

    @EventListener
    void started(ServletWebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!accounts.isInstalled()) {
            load();
        }
    }

    @Override
    public void run(ApplicationArguments arguments) {
        file.households().forEach(h -> LOG.info("Owner page of {}: http://127.0.0.1:{}/o/{}", h.name(), port, h.token()));
    }

    private void load() {
        PracticeId practice = accounts.install(new AccountService.NewPractice(file.practice(), ZoneId.of(file.zone()), file.trainer(),
                file.email(), file.password()));
        TrainerUser trainer = (TrainerUser) accounts.loadUserByUsername(file.email());
        PracticeScope.within(practice, () -> {
            accounts.keep(practice, accounts.settings(practice).of(file.country()));
            accounts.keepOwn(trainer, file.phone(), true, null);
            accounts.add(practice, file.colleague().name(), file.colleague().email(), file.colleague().phone(), file.password(), TrainerRole.TRAINS);
            methods.keepAsUsual(practice, new Method(Map.of(Question.PASS, Choice.PASS_FIVE_IN_A_ROW))); // its trainer counts runs, as many do: a first session shows a step passed
            return practice;
        });
        Random random = new Random(file.seed());
        Instant now = Instant.now(clock);
        file.households().forEach(h -> PracticeScope.within(practice, () -> {
            household.load(trainer, h, ZoneId.of(file.zone()), random, now);
            return h;
        }));
    }
}
