package cahier.app.outbox;

import java.util.Optional;
import java.util.Properties;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.stereotype.Component;

/** The SMTP server that takes the mail: the one the installation names, or the demo's own. */
@Component
class MailServer {

    private static final String PATIENCE_MS = "8000";

    private final String host;
    private final int port;
    private final String user;
    private final String password;
    private final String from;
    private final Optional<DemoPost> demo;

    MailServer(@Value("${cahier.mail.host}") String host, @Value("${cahier.mail.port}") int port, @Value("${cahier.mail.user}") String user,
               @Value("${cahier.mail.password}") String password, @Value("${cahier.mail.from}") String from, Optional<DemoPost> demo) {
        this.host = host;
        this.port = port;
        this.user = user;
        this.password = password;
        this.from = from;
        this.demo = demo;
    }

    boolean isSet() {
        return !host.isEmpty() || demo.isPresent();
    }

    /** Whose mail it is for the servers on the way: the installation's own address, else the trainer's. */
    String from(String trainer) {
        return from.isEmpty() ? trainer : from;
    }

    JavaMailSenderImpl sender() {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost(demo.isPresent() && host.isEmpty() ? "127.0.0.1" : host);
        sender.setPort(demo.isPresent() && host.isEmpty() ? demo.get().port() : port);
        sender.setDefaultEncoding("UTF-8");
        Properties properties = sender.getJavaMailProperties();
        for (String timeout : new String[] {"connectiontimeout", "timeout", "writetimeout"}) {
            properties.put("mail.smtp." + timeout, PATIENCE_MS);
        }
        if (!user.isEmpty()) {
            sender.setUsername(user);
            sender.setPassword(password);
            properties.put("mail.smtp.auth", "true");
        }
        if (!host.isEmpty()) {
            properties.put("mail.smtp.starttls.enable", "true");
            properties.put("mail.smtp.starttls.required", Boolean.toString(!user.isEmpty())); // a password never goes out in clear
        }
        return sender;
    }
}
