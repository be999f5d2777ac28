package cahier.app.account;

import cahier.app.language.Words;
import cahier.app.scope.Secret;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where a trainer is signed in. */
@Component
public class SignIns {

    static final String DEVICE = "cahier.device";
    private static final Map<String, Pattern> PROGRAMS = Map.of("Firefox", Pattern.compile("Firefox/"), "Edge", Pattern.compile("Edg/"), "Safari", Pattern.compile("Version/[\\d.]+ .*Safari/"),
            "Chrome", Pattern.compile("Chrome/(?!.*Edg/)"));
    private static final List<String> SYSTEMS = List.of("Android", "iPhone", "iPad", "Windows", "Macintosh", "Linux");

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    SignIns(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * One of them.
     *
     * @param handle stands for it on a page: its own number would let who sees it in
     * @param device "Firefox on Windows", as the browser said when it signed in
     */
    public record SignIn(String handle, String device, Instant since, Instant lastUsed, boolean isThisOne) {
    }

    /** All of a trainer, the one used last first. */
    public List<SignIn> of(TrainerUser me, String thisSession) {
        return sessions.findByPrincipalName(me.email()).values().stream()
                .map(s -> new SignIn(handle(s.getId()), Objects.requireNonNullElse(s.<String>getAttribute(DEVICE), Words.say("account.SignIns.a-browser")), s.getCreationTime(), s.getLastAccessedTime(), s.getId().equals(thisSession)))
                .sorted(Comparator.comparing(SignIn::lastUsed).reversed()).toList();
    }

    /** Ends one of the trainer's; nothing happens when it has ended already. */
    void end(TrainerUser me, String handle) {
        sessions.findByPrincipalName(me.email()).keySet().stream().filter(id -> handle(id).equals(handle)).forEach(sessions::deleteById);
    }

    /** Ends all of the trainer's but this one. */
    void endOthers(TrainerUser me, String thisSession) {
        sessions.findByPrincipalName(me.email()).keySet().stream().filter(id -> !id.equals(thisSession)).forEach(sessions::deleteById);
    }

    /** Ends all of somebody's who left the practice or may do something else since. */
    public void endAll(String email) {
        sessions.findByPrincipalName(email).keySet().forEach(sessions::deleteById);
    }

    /** The practice has another name: this sign-in says it at once, others when they sign in again. */
    public void rename(TrainerUser me, String practiceName, HttpServletRequest request, HttpServletResponse response) {
        TrainerUser renamed = me.of(practiceName).withoutHash();
        keep(UsernamePasswordAuthenticationToken.authenticated(renamed, null, renamed.getAuthorities()), request, response);
    }

    /** From now on it is this who is signed in here. */
    void keep(Authentication who, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** Names the device of a sign-in, "Firefox on Windows", and keeps that with it. */
    static String name(HttpServletRequest request) {
        String agent = request.getHeader(HttpHeaders.USER_AGENT);
        String device = device(agent == null ? "" : agent);
        request.getSession().setAttribute(DEVICE, device);
        return device;
    }

    private static String handle(String id) {
        return HexFormat.of().formatHex(Secret.hash(id), 0, 8);
    }

    /** "Firefox on Windows" of what a browser says of itself. */
    static String device(String agent) {
        String program = PROGRAMS.entrySet().stream().filter(p -> p.getValue().matcher(agent).find()).map(Map.Entry::getKey).findFirst().orElse(Words.say("account.SignIns.a-browser"));
        return SYSTEMS.stream().filter(agent::contains).findFirst().map(s -> Words.say("account.SignIns.on", program, s.replace("Macintosh", "a Mac").replace("iPhone", "an iPhone").replace("iPad", "an iPad"))).orElse(program);
    }
}
