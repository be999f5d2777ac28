package cahier.app.account;

import cahier.app.audit.Audited;
import cahier.app.draw.QrCode;
import cahier.app.language.Words;
import cahier.app.scope.Seal;
import cahier.app.scope.Secret;
import cahier.app.scope.TrainerUser;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.math.BigInteger;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A code that changes every half minute, from a program on the trainer's phone (RFC 6238), asked for after the password; and codes to write
 * down for a phone that is lost, each good once.
 */
@Service
@Transactional
public class SecondFactors {

    private static final int SECRET_BYTES = 20;
    private static final int CODES = 10;
    private static final int CODE_BYTES = 10;
    private static final String BASE_32 = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
    private static final SecureRandom RANDOM = new SecureRandom();

    private final SecondFactorMapper mapper;
    private final Seal seal;
    private final ApplicationEventPublisher events;
    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();

    SecondFactors(SecondFactorMapper mapper, Seal seal, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.seal = seal;
        this.events = events;
    }

    /**
     * Whether a trainer is asked for a code.
     *
     * @param since from when on; empty while not
     * @param left recovery codes that were not used
     */
    public record State(Optional<Instant> since, int left) {

        public boolean isOn() {
            return since.isPresent();
        }
    }

    /** A secret to be taken over by a program: as text in groups of four, and as a picture. */
    public record Offer(String secret, QrCode code) {
    }

    @Transactional(readOnly = true)
    public State of(TrainerUser me) {
        return mapper.find(me.practice(), me.id()).map(r -> new State(Optional.ofNullable(r.onSince()), r.codes())).orElse(new State(Optional.empty(), 0));
    }

    /** Whether it can be asked for at all: without a key of its own the installation would forget the secret when it starts again. */
    public boolean canBe() {
        return seal.isKept();
    }

    /** A secret to try; nothing is asked for until its first code was given. */
    public void begin(TrainerUser me) {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        mapper.offer(me.practice(), me.id(), seal.close(HexFormat.of().formatHex(secret)));
    }

    /** The secret that was begun; empty when there is none, or it counts already and is not shown again. */
    @Transactional(readOnly = true)
    public Optional<Offer> offer(TrainerUser me) {
        return mapper.find(me.practice(), me.id()).filter(r -> r.onSince() == null).flatMap(this::secret).map(secret -> {
            String text = base32(secret);
            String name = URLEncoder.encode(Words.say("account.SecondFactors.cahier", me.email()), StandardCharsets.UTF_8).replace("+", "%20");
            return new Offer(text.replaceAll("(.{4})(?=.)", "$1 "), QrCode.of("otpauth://totp/" + name + "?secret=" + text + "&issuer=Cahier"));
        });
    }

    private Optional<byte[]> secret(SecondFactorMapper.Row row) {
        return seal.open(row.sealed()).map(HexFormat.of()::parseHex);
    }

    /** The first code: from now on one is asked for. Returns recovery codes, this once; empty when the code was not right. */
    public Optional<List<String>> confirm(TrainerUser me, String code, Instant now) {
        boolean right = mapper.find(me.practice(), me.id()).filter(r -> r.onSince() == null && takes(me, r, code, now)).isPresent();
        if (!right || mapper.switchOn(me.practice(), me.id(), now) == 0) {
            return Optional.empty();
        }
        events.publishEvent(Audited.of(me.practice(), Audited.What.SECOND_FACTOR_ON, now));
        return Optional.of(freshCodes(me));
    }

    /** Other recovery codes in the place of all that are left; shown this once. Empty when the code was not right. */
    public Optional<List<String>> renew(TrainerUser me, String code, Instant now) {
        return check(me, code, now) ? Optional.of(freshCodes(me)) : Optional.empty();
    }

    private List<String> freshCodes(TrainerUser me) {
        mapper.dropCodes(me.practice(), me.id());
        List<String> fresh = new ArrayList<>();
        for (int i = 0; i < CODES; i++) {
            byte[] bytes = new byte[CODE_BYTES];
            RANDOM.nextBytes(bytes);
            String text = base32(bytes).toLowerCase(Locale.ROOT);
            mapper.putCode(me.practice(), me.id(), Secret.hash(text));
            fresh.add(text.replaceAll("(.{4})(?=.)", "$1-"));
        }
        return fresh;
    }

    /** Whether this is a code of the trainer's program that was not used yet, or one of the recovery codes, which is used up by it. */
    public boolean check(TrainerUser me, String typed, Instant now) {
        Optional<SecondFactorMapper.Row> row = mapper.find(me.practice(), me.id()).filter(r -> r.onSince() != null);
        if (row.isEmpty()) {
            return false;
        }
        if (takes(me, row.get(), typed, now)) {
            return true;
        }
        boolean recovered = mapper.takeCode(me.practice(), me.id(), Secret.hash(typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z2-7]", ""))) > 0;
        if (recovered) {
            events.publishEvent(new Audited(me.practice(), Audited.What.RECOVERY_CODE_USED, null, me.name(), now));
        }
        return recovered;
    }

    /** A clock that is half a minute off is forgiven; the same code a second time is not. */
    private boolean takes(TrainerUser me, SecondFactorMapper.Row row, String typed, Instant now) {
        String digits = typed.replaceAll("\\s", "");
        Optional<byte[]> secret = secret(row);
        long step = now.getEpochSecond() / codes.getTimeStep().toSeconds();
        for (long at = step - 1; secret.isPresent() && at <= step + 1; at++) {
            if (at > row.lastStep() && same(digits, code(secret.get(), at)) && mapper.take(me.practice(), me.id(), at) > 0) {
                return true;
            }
        }
        return false;
    }

    private static boolean same(String typed, String code) {
        return MessageDigest.isEqual(typed.getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
    }

    private String code(byte[] secret, long step) {
        try {
            return codes.generateOneTimePasswordString(new SecretKeySpec(secret, codes.getAlgorithm()), Instant.ofEpochSecond(step * codes.getTimeStep().toSeconds()));
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    /** No code is asked for any more, and the recovery codes are gone. */
    public void off(TrainerUser me, Instant now) {
        mapper.dropCodes(me.practice(), me.id());
        if (mapper.switchOff(me.practice(), me.id()) > 0) {
            events.publishEvent(new Audited(me.practice(), Audited.What.SECOND_FACTOR_OFF, null, me.name(), now));
        }
    }

    /** By RFC 4648; of 5, 10, 15 or 20 bytes, so that nothing has to be padded. */
    static String base32(byte[] bytes) {
        String digits = new BigInteger(1, bytes).toString(32);
        String whole = "0".repeat(bytes.length * 8 / 5 - digits.length()) + digits;
        return whole.chars().map(c -> BASE_32.charAt(Character.digit(c, 32))).collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append).toString();
    }
}
