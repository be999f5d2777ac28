package cahier.app.account;

import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;

import cahier.app.web.Phones;
import cahier.core.method.Choice;
import cahier.core.method.Question;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Practices and their trainers. */
@Service
public class AccountService implements UserDetailsService {

    private final AccountMapper accounts;
    private final PasswordEncoder passwords;
    private final AtomicBoolean installed = new AtomicBoolean();

    AccountService(AccountMapper accounts, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.passwords = passwords;
    }

    @Override
    @Transactional
    public UserDetails loadUserByUsername(String email) {
        accounts.announceSignIn(email.strip());
        AccountMapper.TrainerRow row = accounts.findTrainer(email.strip())
                .orElseThrow(() -> new UsernameNotFoundException(Words.say("account.AccountService.no-trainer-has-this-address")));
        accounts.announcePractice(row.practiceId());
        return row.of(accounts.practiceName(row.practiceId()));
    }

    /** What the practice calls itself. */
    @Transactional(readOnly = true)
    public String name(PracticeId practice) {
        return accounts.practiceName(practice);
    }

    /** The zone a new household starts with. */
    @Transactional(readOnly = true)
    public ZoneId zone(PracticeId practice) {
        return ZoneId.of(accounts.practiceZone(practice));
    }

    /**
     * What a practice says of itself and has chosen.
     *
     * @param address where it is, for owners; may be empty
     * @param phone as it is kept; empty when there is none
     * @param country of two letters, for telephone numbers that are typed without one; empty where it is not said
     * @param zoneId the time zone a new household starts with
     * @param lessonMinutes how long a new lesson is, 15 to 240
     * @param travelMinutes to get to a new lesson, 0 to 240
     * @param rhythmDays days after the last lesson on which the next is proposed, 1 to 60
     * @param stepReps reps a session of a new step, 1 to 50
     * @param stepSessions sessions a day of a new step, 1 to 10
     * @param language what trainers and households read who chose none, by its tag
     */
    public record PracticeSettings(String name, String address, String phone, String country, String zoneId, int lessonMinutes, int travelMinutes, int rhythmDays, int stepReps,
                                   int stepSessions, String language) {

        /** "+44 20 7946 0123", empty when there is none. */
        public String phoneShown() {
            return Phones.shown(phone);
        }

        /** The same in a country. */
        public PracticeSettings of(String other) {
            return new PracticeSettings(name, address, phone, other, zoneId, lessonMinutes, travelMinutes, rhythmDays, stepReps, stepSessions, language);
        }
    }

    /**
     * One of the practice's trainers, as others reach them.
     *
     * @param signs how what they do is signed
     * @param phone as it is kept; empty when there is none
     * @param language what they read, by its tag; none where that is the practice's
     * @param questionsByMail whether owners' questions come to them by mail, once a day at most
     */
    public record Trainer(long id, String name, String signs, String email, String phone, TrainerRole role, boolean questionsByMail, @Nullable String language) {

        public static Trainer of(TrainerUser user) {
            return new Trainer(user.id(), user.name(), user.signature(), user.email(), "", user.role(), true, null);
        }

        /** "+44 20 7946 0123", empty when there is none. */
        public String phoneShown() {
            return Phones.shown(phone);
        }
    }

    @Transactional(readOnly = true)
    public PracticeSettings settings(PracticeId practice) {
        return accounts.settings(practice);
    }

    /** Everybody who can sign in. */
    @Transactional(readOnly = true)
    public List<Trainer> trainers(PracticeId practice) {
        return accounts.trainers(practice);
    }

    /** How everybody signs what they do, by their numbers; also who has left, for what still names them. */
    @Transactional(readOnly = true)
    public Map<Long, String> names(PracticeId practice) {
        return accounts.names(practice).stream().collect(Collectors.toMap(AccountMapper.Named::id, AccountMapper.Named::signs));
    }

    /** Those who do more than look. */
    @Transactional(readOnly = true)
    public List<Trainer> working(PracticeId practice) {
        return accounts.working(practice);
    }

    /** One of those who can sign in. */
    @Transactional(readOnly = true)
    public Trainer trainer(TrainerUser me) {
        return accounts.trainers(me.practice()).stream().filter(t -> t.id() == me.id()).findFirst().orElseGet(() -> Trainer.of(me));
    }

    /** Who answers for a household now: who stands in for its trainer, else its trainer; where all share it, all who work with households. */
    @Transactional(readOnly = true)
    public List<Trainer> answering(PracticeId practice, long household, Instant now) {
        List<Trainer> answering = accounts.answering(practice, household, now);
        return answering.isEmpty() ? working(practice) : answering;
    }

    /** Whom a household's owners can ring: those who answer for it and have given a telephone number; where none of them has, all who work with households. */
    @Transactional(readOnly = true)
    public List<Trainer> toRing(PracticeId practice, long household, Instant now) {
        List<Trainer> answering = answering(practice, household, now);
        return answering.stream().anyMatch(t -> !t.phone().isEmpty()) ? answering : working(practice);
    }

    /** Whose households and lessons a trainer's list shows: their own with those they stand in for, unless all are asked for. Who only looks has none of their own. */
    @Transactional(readOnly = true)
    public Whose whose(TrainerUser me, boolean all, Instant now) {
        AccountMapper.Around around = accounts.around(me.practice(), me.id(), now);
        boolean alone = around.trainers() < 2;
        return all || alone || me.isReading() ? new Whose(!alone && !me.isReading(), null, null) : new Whose(true, me.id(), around.standsFor());
    }

    /** Keeps what a practice says of itself. */
    @Transactional
    public void keep(PracticeId practice, PracticeSettings settings) {
        accounts.keepSettings(practice, settings);
    }

    /** Keeps a trainer's own telephone number, and whether questions come by mail. */
    @Transactional
    public void keepOwn(TrainerUser trainer, String phone, boolean questionsByMail, @Nullable String language) {
        accounts.keepOwn(trainer.practice(), trainer.id(), phone, questionsByMail, language);
    }

    /** Whether the first practice has been made. */
    @Transactional
    public boolean isInstalled() {
        if (!installed.get() && accounts.isInstalled()) {
            installed.set(true);
        }
        return installed.get();
    }

    /** Makes the first practice and its first trainer; refused when there is one already. */
    @Transactional
    public PracticeId install(NewPractice wanted) {
        PracticeId practice = accounts.nextPractice();
        accounts.announcePractice(practice);
        accounts.insertPractice(practice, wanted.practiceName(), wanted.zone().getId());
        if (accounts.markInstalled(practice) == 0) {
            throw new IllegalStateException("the first practice has been made already");
        }
        add(practice, wanted.trainerName(), wanted.email(), "", wanted.password(), TrainerRole.RUNS);
        accounts.insertChoice(practice, Question.PASS, Choice.PASS_BY_RHYTHM); // what is best by docs/rules.md 40; a practice that is older keeps what it had
        return practice;
    }

    /** A trainer who is there at once, with a password. */
    @Transactional
    public void add(PracticeId practice, String name, String email, String phone, String password, TrainerRole role) {
        accounts.insertTrainer(practice, name, email, phone, passwords.encode(password), role);
    }

    /** What the first run asks for, checked. */
    public record NewPractice(String practiceName, ZoneId zone, String trainerName, String email, String password) {
    }
}
