package cahier.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Guards the first-run page: only who can read the log can make the first practice. */
@Component
class FirstRunToken {

    private static final Logger LOG = LoggerFactory.getLogger(FirstRunToken.class);

    private final AccountService accounts;
    private final String token;

    FirstRunToken(AccountService accounts) {
        this.accounts = accounts;
        byte[] bytes = new byte[24];
        new SecureRandom().nextBytes(bytes);
        this.token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    boolean matches(String given) {
        return MessageDigest.isEqual(token.getBytes(StandardCharsets.UTF_8), given.strip().getBytes(StandardCharsets.UTF_8));
    }

    @EventListener(ApplicationReadyEvent.class)
    void tell() {
        if (!accounts.isInstalled()) {
            LOG.info("First run: open /first-run and give this token: {}", token);
        }
    }
}
