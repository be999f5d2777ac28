package cahier.app.password;

import cahier.app.account.Credentials;
import cahier.app.language.Words;
import java.time.Clock;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;

/** {@code ./cahier password ADDRESS}: makes a password for a trainer, says it, and ends. Whoever may start the application may do this. */
@Component
@ConditionalOnProperty("cahier.password-of")
class PasswordByHand implements ApplicationRunner {

    private final Credentials credentials;
    private final String email;
    private final ApplicationContext application;
    private final Clock clock;

    PasswordByHand(Credentials credentials, @Value("${cahier.password-of}") String email, ApplicationContext application, Clock clock) {
        this.clock = clock;
        this.credentials = credentials;
        this.email = email;
        this.application = application;
    }

    @Override
    @SuppressWarnings("SystemOut")
    public void run(ApplicationArguments arguments) {
        int code = credentials.made(email, Instant.now(clock)).map(password -> {
            System.out.println(Words.say("password.PasswordByHand.new-password-of-change-it", email, password));
            return 0;
        }).orElseGet(() -> {
            System.out.println(Words.say("password.PasswordByHand.no-trainer-has-the-address", email));
            return 1;
        });
        new Thread(() -> System.exit(SpringApplication.exit(application, () -> code))).start();
    }
}
