package cahier.app.outbox;

import cahier.app.account.Credentials;
import cahier.app.language.Words;
import cahier.app.paper.PaperPdf;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import cahier.app.sheet.OwnerLinks;
import cahier.app.web.CleanText;
import cahier.app.wording.TextKind;
import cahier.app.wording.Wording;
import jakarta.mail.MessagingException;
import jakarta.mail.SendFailedException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.UnsupportedEncodingException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Carries waiting mail to the server; what it does not take stays and is tried again. */
@Component
public class Postman {

    private static final Logger LOG = LoggerFactory.getLogger(Postman.class);
    /** For so long nobody else takes a mail that is on its way; longer than a server may take to answer. */
    private static final Duration ON_ITS_WAY = Duration.ofMinutes(5);
    private static final String NO_SERVER = "No mail server is set.";

    private final MailMapper mails;
    private final MailServer server;
    private final OwnerLinks links;
    private final Credentials credentials;
    private final PaperPdf pdf;
    private final Clock clock;
    private final TransactionTemplate transactions;

    Postman(MailMapper mails, MailServer server, OwnerLinks links, Credentials credentials, PaperPdf pdf, Clock clock, PlatformTransactionManager transactions) {
        this.mails = mails;
        this.server = server;
        this.links = links;
        this.credentials = credentials;
        this.pdf = pdf;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    /** Everything that is due, one mail after the other. */
    @Scheduled(initialDelayString = "${cahier.mail.every-ms}", fixedDelayString = "${cahier.mail.every-ms}")
    public void round() {
        List<PracticeId> due = transactions.execute(t -> {
            mails.announcePostman();
            return mails.practicesDue(Instant.now(clock));
        });
        due.forEach(practice -> PracticeScope.within(practice, () -> {
            while (carryOne(practice)) {
                LOG.debug("one more mail of practice {}", practice);
            }
            return null;
        }));
    }

    private boolean carryOne(PracticeId practice) {
        Instant now = Instant.now(clock);
        Optional<Mail> taken = transactions.execute(t -> mails.take(practice, now, ON_ITS_WAY.toSeconds()));
        taken.ifPresent(mail -> {
            try {
                send(practice, mail);
                settle(practice, mail, Mail.State.SENT, now, now, "");
            } catch (MessagingException | UnsupportedEncodingException | RuntimeException e) { // also a sheet that cannot be made into a PDF: it must not hold up the others
                boolean refused = isRefused(e);
                Optional<Duration> wait = refused ? Optional.empty() : BackOff.after(mail.tries());
                settle(practice, mail, wait.isPresent() ? Mail.State.WAITING : Mail.State.FAILED, now.plus(wait.orElse(Duration.ZERO)), null,
                        refused ? Words.say("outbox.Postman.the-server-does-not-know", mail.toAddress()) : words(e));
                LOG.warn("mail {} of practice {} did not go: {}", mail.id(), practice, words(e));
            }
        });
        return taken.isPresent();
    }

    private void settle(PracticeId practice, Mail mail, Mail.State state, Instant next, @Nullable Instant sent, String trouble) {
        transactions.executeWithoutResult(t -> mails.settle(practice, mail.id(), state, next, sent, trouble));
    }

    private void send(PracticeId practice, Mail mail) throws MessagingException, UnsupportedEncodingException {
        if (!server.isSet()) {
            throw new IllegalStateException(NO_SERVER);
        }
        JavaMailSenderImpl sender = server.sender();
        MimeMessage message = new Numbered(sender, "<mail-" + mail.id() + sender(practice));
        MimeMessageHelper helper = new MimeMessageHelper(message, mail.homeworkId() != null, StandardCharsets.UTF_8.name());
        helper.setFrom(new InternetAddress(server.from(mail.replyTo()), mail.fromName(), StandardCharsets.UTF_8.name()));
        helper.setReplyTo(mail.replyTo());
        helper.setTo(new InternetAddress(mail.toAddress(), mail.toName(), StandardCharsets.UTF_8.name()));
        helper.setSubject(CleanText.of(mail.subject()));
        helper.setText(CleanText.of(Wording.fill(mail.body(), Map.of("link", link(practice, mail)))));
        if (mail.homeworkId() != null) {
            helper.addAttachment("homework.pdf", new ByteArrayResource(pdf.of(practice, mail.homeworkId(), mail.site())), "application/pdf");
        }
        sender.send(message);
    }

    /** Made as the mail goes out, and kept nowhere. */
    private String link(PracticeId practice, Mail mail) {
        if (mail.kind() == TextKind.PASSWORD) {
            return credentials.word(mail.toAddress(), Instant.now(clock)).map(word -> mail.site() + "/new-password/" + word).orElseThrow(() -> new IllegalStateException("nobody has this address any more"));
        }
        if (mail.kind() == TextKind.INVITED) {
            return credentials.invitation(mail.toAddress(), Instant.now(clock)).map(word -> mail.site() + "/join/" + word).orElseThrow(() -> new IllegalStateException("nobody with this address is invited any more"));
        }
        return Optional.ofNullable(mail.householdId()).flatMap(household -> links.token(practice, household)).map(token -> mail.site() + "/o/" + token).orElse(Words.say("outbox.Postman.the-link-you-have"));
    }

    /** The same mail carries the same number however often it is tried, so that a reader's program knows it again. */
    private static final class Numbered extends MimeMessage {

        private final String number;

        Numbered(JavaMailSenderImpl sender, String number) {
            super(sender.getSession());
            this.number = number;
        }

        @Override
        protected void updateMessageID() throws MessagingException {
            setHeader("Message-ID", number);
        }
    }

    /** How the numbers of a practice's mails end. */
    static String sender(PracticeId practice) {
        return "-of-" + practice + "@cahier>";
    }

    private static boolean isRefused(Exception e) {
        return e instanceof MailSendException sending && sending.getFailedMessages().values().stream()
                .anyMatch(x -> x instanceof SendFailedException failed && failed.getInvalidAddresses() != null && failed.getInvalidAddresses().length > 0);
    }

    private static String words(Exception e) {
        String said = String.valueOf(e.getMessage()).lines().findFirst().orElse("");
        return said.equals(NO_SERVER) ? said : (e instanceof MailException || e instanceof MessagingException ? Words.say("outbox.Postman.the-mail-server-did-not") : Words.say("outbox.Postman.it-could-not-be-written")) + said.substring(0, Math.min(200, said.length()));
    }
}
