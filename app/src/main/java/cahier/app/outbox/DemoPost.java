package cahier.app.outbox;

import cahier.app.scope.PracticeId;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.annotation.PreDestroy;
import jakarta.mail.BodyPart;
import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Date;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A mail server inside the demo, on loopback: it takes everything, keeps it in memory and passes nothing on. */
@Component
@ConditionalOnProperty("cahier.demo")
public class DemoPost {

    private final int port;
    private GreenMail server;
    private boolean up = true;

    DemoPost() {
        server = started(0);
        port = server.getSmtp().getPort();
    }

    private static GreenMail started(int port) {
        ServerSetup smtp = new ServerSetup(port, "127.0.0.1", ServerSetup.PROTOCOL_SMTP);
        GreenMail server = new GreenMail(smtp);
        server.start();
        return server;
    }

    int port() {
        return port;
    }

    /** What arrived at it, as it would be read. */
    public record Arrived(Date sent, String to, String subject, String text, List<String> attached) {
    }

    /** What this practice sent, newest first. */
    public synchronized List<Arrived> arrived(PracticeId practice) {
        return Arrays.stream(server.getReceivedMessages()).filter(m -> number(m).endsWith(Postman.sender(practice))).map(DemoPost::read)
                .sorted(Comparator.comparing(Arrived::sent).reversed()).toList();
    }

    private static String number(MimeMessage message) {
        try {
            return String.valueOf(message.getMessageID());
        } catch (MessagingException e) {
            return "";
        }
    }

    private static Arrived read(MimeMessage message) {
        try {
            List<Part> parts = leaves(message).toList();
            String text = parts.stream().filter(p -> fileName(p).isEmpty()).map(DemoPost::text).collect(Collectors.joining());
            return new Arrived(message.getSentDate(), Arrays.stream(message.getAllRecipients()).map(Object::toString).collect(Collectors.joining(", ")), message.getSubject(), text,
                    parts.stream().map(DemoPost::fileName).filter(n -> !n.isEmpty()).toList());
        } catch (MessagingException e) {
            throw new IllegalStateException("the demo's mail server keeps a mail that cannot be read", e);
        }
    }

    private static Stream<Part> leaves(Part part) {
        try {
            if (!(part.getContent() instanceof Multipart many)) {
                return Stream.of(part);
            }
            List<BodyPart> parts = new ArrayList<>();
            for (int i = 0; i < many.getCount(); i++) {
                parts.add(many.getBodyPart(i));
            }
            return parts.stream().flatMap(DemoPost::leaves);
        } catch (MessagingException | IOException e) {
            throw new IllegalStateException("a mail of the demo cannot be read", e);
        }
    }

    private static String fileName(Part part) {
        try {
            return part.getFileName() == null ? "" : part.getFileName();
        } catch (MessagingException e) {
            return "";
        }
    }

    private static String text(Part part) {
        try {
            return part.getContent().toString();
        } catch (MessagingException | IOException e) {
            return "";
        }
    }

    public synchronized boolean isUp() {
        return up;
    }

    /** Lets the demo show what a server that is down does to the mail. */
    public synchronized void put(boolean wanted) {
        if (wanted && !up) {
            server = started(port);
        } else if (!wanted && up) {
            server.stop();
        }
        up = wanted;
    }

    @PreDestroy
    void stop() {
        put(false);
    }
}
