package cahier.app.scope;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * The signed-in trainer.
 *
 * @param practiceName shown on the cover of every page
 */
public record TrainerUser(long id, PracticeId practice, String practiceName, String name, String email, String passwordHash)
        implements UserDetails {

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_TRAINER"));
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
        return new TrainerUser(id, practice, practiceName, name, email, "");
    }

    /** How decisions are signed: the first name. */
    public String signature() {
        return name.strip().split("\\s+")[0];
    }
}
