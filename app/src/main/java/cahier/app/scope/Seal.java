package cahier.app.scope;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.encrypt.Encryptors;
import org.springframework.stereotype.Component;

/** Seals what must be read again, with the installation's key: who has the database alone cannot read it. AES in Galois counter mode. */
@Component
public class Seal {

    private static final Logger LOG = LoggerFactory.getLogger(Seal.class);
    /** The key is long and random: nothing is gained by another salt for each. */
    private static final String SALT = "6361686965722100";

    private final BytesEncryptor encryptor;
    private final boolean kept;

    Seal(@Value("${cahier.key}") String key) {
        if (key.isEmpty()) {
            LOG.warn("CAHIER_KEY is not set: after a restart the owners' links cannot be put on sheets and into mail until they are replaced");
        }
        this.kept = !key.isEmpty();
        this.encryptor = Encryptors.stronger(key.isEmpty() ? Secret.fresh() : key, SALT);
    }

    /** Whether what is sealed can be opened after a restart. */
    public boolean isKept() {
        return kept;
    }

    public byte[] close(String secret) {
        return encryptor.encrypt(secret.getBytes(StandardCharsets.UTF_8));
    }

    /** What was sealed; empty when it was with another key. */
    public Optional<String> open(byte[] sealed) {
        try {
            return Optional.of(new String(encryptor.decrypt(sealed), StandardCharsets.UTF_8));
        } catch (IllegalArgumentException | IllegalStateException | ArrayIndexOutOfBoundsException e) {
            return Optional.empty();
        }
    }
}
