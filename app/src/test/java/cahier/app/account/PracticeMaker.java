package cahier.app.account;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;

import org.springframework.boot.test.context.TestComponent;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes further practices on the same installation: the tests' own, so that they leave the demo's alone, and its neighbour's. */
@TestComponent
public class PracticeMaker {

    public static final String PASSWORD = "a-long-password";

    private final AccountService accounts;
    private final AccountMapper mapper;
    private final PasswordEncoder passwords;
    private final TransactionTemplate transactions;

    PracticeMaker(AccountService accounts, AccountMapper mapper, PasswordEncoder passwords, PlatformTransactionManager transactions) {
        this.accounts = accounts;
        this.mapper = mapper;
        this.passwords = passwords;
        this.transactions = new TransactionTemplate(transactions);
    }

    /** The trainer of a practice of this name, which is made when there is none. */
    public TrainerUser trainerOf(String practice, String name, String email) {
        return transactions.execute(t -> {
            mapper.announceSignIn(email);
            if (mapper.findTrainer(email).isEmpty()) {
                PracticeId id = mapper.nextPractice();
                mapper.announcePractice(id);
                mapper.insertPractice(id, practice, "Europe/London");
                mapper.insertTrainer(id, name, email, "", passwords.encode(PASSWORD), TrainerRole.RUNS);
            }
            return (TrainerUser) accounts.loadUserByUsername(email);
        });
    }

    /** A second trainer of the same practice. */
    public TrainerUser colleagueOf(TrainerUser trainer, String name, String email) {
        return transactions.execute(t -> {
            mapper.announceSignIn(email);
            if (mapper.findTrainer(email).isEmpty()) {
                mapper.announcePractice(trainer.practice());
                mapper.insertTrainer(trainer.practice(), name, email, "", passwords.encode(PASSWORD), TrainerRole.TRAINS);
            }
            return (TrainerUser) accounts.loadUserByUsername(email);
        });
    }
}
