package cahier.app.scope;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * The signed-in trainer.
 *
 * @param practiceName shown on the cover of every page
 * @param role what they may do; a sign-in that a release before this kept says none, and then may do what it could
 * @param signature how what they do is signed: the first name, or more where another trainer of the practice has it
 */
public record TrainerUser(long id, PracticeId practice, String practiceName, String name, String email, String passwordHash, TrainerRole role, String signature)
        implements UserDetails {

    /** Who may see the pages, who may change what is in them, and who may change the practice. */
    public static final String LOOKS = "TRAINER";
    public static final String WRITES = "WRITES";
    public static final String RUNS = "RUNS";

    public TrainerUser(long id, PracticeId practice, String practiceName, String name, String email, String passwordHash, @Nullable TrainerRole role, @Nullable String signature) {
        this.id = id;
        this.practice = practice;
        this.practiceName = practiceName;
        this.name = name;
        this.email = email;
        this.passwordHash = passwordHash;
        this.role = role == null ? TrainerRole.RUNS : role;
        this.signature = signature == null ? name.strip().split("\\s+")[0] : signature;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return (switch (role) {
            case RUNS -> List.of(LOOKS, WRITES, RUNS);
            case TRAINS -> List.of(LOOKS, WRITES);
            case READS -> List.of(LOOKS);
        }).stream().map(may -> new SimpleGrantedAuthority("ROLE_" + may)).toList();
    }

    /** Whether they run the practice. */
    public boolean isRunning() {
        return role == TrainerRole.RUNS;
    }

    /** Whether they only look. */
    public boolean isReading() {
        return role == TrainerRole.READS;
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return email;
    }

    /** The same as it is kept while somebody is signed in. */
    public TrainerUser withoutHash() {
        return new TrainerUser(id, practice, practiceName, name, email, "", role, signature);
    }

    /** The same of a practice that calls itself something else now. */
    public TrainerUser of(String otherName) {
        return new TrainerUser(id, practice, otherName, name, email, passwordHash, role, signature);
    }
}
