package cahier.app.account;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;

import cahier.app.web.Phones;
import cahier.core.method.Choice;
import cahier.core.method.Question;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
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
                .orElseThrow(() -> new UsernameNotFoundException("no trainer has this address"));
        accounts.announcePractice(row.practiceId());
        return new TrainerUser(row.id(), row.practiceId(), accounts.practiceName(row.practiceId()), row.name(), row.email(),
                row.passwordHash());
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
     * @param questionsByMail whether owners' questions come to the trainers by mail, once a day at most
     */
    public record PracticeSettings(String name, String address, String phone, String country, String zoneId, int lessonMinutes, int travelMinutes, int rhythmDays, int stepReps,
                                   int stepSessions, boolean questionsByMail) {

        /** "+44 20 7946 0123", empty when there is none. */
        public String phoneShown() {
            return Phones.shown(phone);
        }

        /** The same of a country, with or without owners' questions by mail. */
        public PracticeSettings of(String other, boolean byMail) {
            return new PracticeSettings(name, address, phone, other, zoneId, lessonMinutes, travelMinutes, rhythmDays, stepReps, stepSessions, byMail);
        }
    }

    /**
     * One of the practice's trainers, as others reach them.
     *
     * @param phone as it is kept; empty when there is none
     */
    public record Trainer(long id, String name, String email, String phone) {

        /** "+44 20 7946 0123", empty when there is none. */
        public String phoneShown() {
            return Phones.shown(phone);
        }
    }

    @Transactional(readOnly = true)
    public PracticeSettings settings(PracticeId practice) {
        return accounts.settings(practice);
    }

    @Transactional(readOnly = true)
    public List<Trainer> trainers(PracticeId practice) {
        return accounts.trainers(practice);
    }

    /** Keeps what a practice says of itself. */
    @Transactional
    public void keep(PracticeId practice, PracticeSettings settings) {
        accounts.keepSettings(practice, settings);
    }

    /** Keeps the practice's choices and the trainer's own telephone number. */
    @Transactional
    public void keep(TrainerUser trainer, PracticeSettings settings, String phone) {
        accounts.keepSettings(trainer.practice(), settings);
        accounts.keepPhone(trainer.practice(), trainer.id(), phone);
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
        accounts.insertTrainer(practice, wanted.trainerName(), wanted.email(), passwords.encode(wanted.password()));
        accounts.insertChoice(practice, Question.PASS, Choice.PASS_BY_RHYTHM); // what is best by docs/rules.md 40; a practice that is older keeps what it had
        return practice;
    }

    /** What the first run asks for, checked. */
    public record NewPractice(String practiceName, ZoneId zone, String trainerName, String email, String password) {
    }
}
