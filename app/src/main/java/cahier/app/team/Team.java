package cahier.app.team;

import cahier.app.account.AccountService;
import cahier.app.account.Credentials;
import cahier.app.account.SignIns;
import cahier.app.audit.Audited;
import cahier.app.language.Words;
import cahier.app.outbox.TrainerMail;
import cahier.app.scope.PracticeId;
import cahier.app.scope.Secret;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Dates;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who belongs to a practice, what each may do, and who stands in for whom. Of two who change it at once the second sees what the first did. */
@Service
@Transactional
public class Team {

    static final int MOST = 60;
    private static final int LONGEST_AWAY_DAYS = 366;

    private final TeamMapper mapper;
    private final HandOvers handOvers;
    private final AccountService accounts;
    private final Credentials credentials;
    private final SignIns signIns;
    private final PasswordEncoder passwords;
    private final TrainerMail mail;
    private final ApplicationEventPublisher events;

    Team(TeamMapper mapper, HandOvers handOvers, AccountService accounts, Credentials credentials, SignIns signIns, PasswordEncoder passwords, TrainerMail mail, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.handOvers = handOvers;
        this.accounts = accounts;
        this.credentials = credentials;
        this.signIns = signIns;
        this.passwords = passwords;
        this.mail = mail;
        this.events = events;
    }

    /** Thrown with why something cannot be done, as the page says it. */
    static final class Refused extends RuntimeException {

        private static final long serialVersionUID = 1L;
        private final String field;

        Refused(String field, String why) {
            super(why);
            this.field = field;
        }

        /** The field it is about; empty where it is about none. */
        String field() {
            return field;
        }

        String why() {
            return String.valueOf(getMessage());
        }
    }

    /** Everybody: who is here, who is invited, who has left. */
    @Transactional(readOnly = true)
    public List<Member> members(PracticeId practice) {
        return mapper.members(practice);
    }

    @Transactional(readOnly = true)
    public Member member(PracticeId practice, long id) {
        return mapper.member(practice, id).orElseThrow(() -> new NotFound("trainer " + id));
    }

    /** Who is away from today on, in order. */
    @Transactional(readOnly = true)
    public List<StandIn> standIns(PracticeId practice, Instant now) {
        return mapper.standIns(practice, today(practice, now));
    }

    private LocalDate today(PracticeId practice, Instant now) {
        return LocalDate.ofInstant(now, accounts.zone(practice));
    }

    /**
     * Asks somebody to join; one who has left comes back as they were.
     *
     * @return the word of the link with which they choose a password, where no mail goes out
     * @throws Refused when the address signs in already or the practice is full
     */
    Optional<String> invite(TrainerUser me, String name, String email, TrainerRole role, String site, Instant now) {
        mapper.hold(me.practice());
        List<Member> all = mapper.members(me.practice());
        Optional<Member> known = all.stream().filter(m -> m.email().equalsIgnoreCase(email)).reduce((earlier, later) -> later.isGone() ? earlier : later);
        if (known.filter(m -> !m.isGone()).isPresent()) {
            throw new Refused("email", Words.say("team.Team.is-s-who-is-already", known.get().name(), (known.get().isInvited() ? "invited" : "here")));
        }
        if (all.stream().filter(m -> !m.isGone()).count() >= MOST) {
            throw new Refused("email", Words.say("team.Team.cannot-be-added-a-practice", MOST));
        }
        String hash = passwords.encode(Secret.fresh());
        Long id = known.isPresent() ? known.map(Member::id).filter(k -> !signsInElsewhere(email) && mapper.takeBack(me.practice(), k, hash, role) == 1).orElse(null)
                : mapper.insert(me.practice(), name, email, hash, role);
        if (id == null) {
            throw new Refused("email", Words.say("team.Team.cannot-be-invited-somebody-signs"));
        }
        events.publishEvent(new Audited(me.practice(), Audited.What.INVITED, null, name, now));
        return sendInvitation(me, member(me.practice(), id), site, now);
    }

    private boolean signsInElsewhere(String email) {
        return credentials.find(email).isPresent();
    }

    private Optional<String> sendInvitation(TrainerUser me, Member who, String site, Instant now) {
        if (mail.isSet()) {
            mail.invited(me, who.asTrainer(), site, now);
            return Optional.empty();
        }
        return credentials.invitation(who.email(), now);
    }

    /** The same invitation once more, as {@link #invite}. */
    Optional<String> inviteAgain(TrainerUser me, long id, String site, Instant now) {
        return sendInvitation(me, Optional.of(member(me.practice(), id)).filter(Member::isInvited).orElseThrow(() -> new NotFound("an invitation of trainer " + id)), site, now);
    }

    /**
     * Another role; whoever has it signs in anew. Households of one who only reads from now on go to somebody else or to everybody.
     *
     * @throws Refused when nobody would run the practice any more
     */
    void setRole(TrainerUser me, long id, TrainerRole role, String site, Instant now) {
        mapper.hold(me.practice());
        Member who = Optional.of(member(me.practice(), id)).filter(m -> !m.isGone()).orElseThrow(() -> new NotFound("trainer " + id));
        if (who.role() == role) {
            return;
        }
        keepsARunner(me.practice(), who, Words.say("team.Team.has-to-run-it-nobody"));
        mapper.setRole(me.practice(), id, role);
        if (role == TrainerRole.READS) {
            givesUp(me, who, null, "", site, now);
        }
        events.publishEvent(new Audited(me.practice(), Audited.What.ROLE_CHANGED, null, who.name() + ": " + role.words(), now));
        signIns.endAll(who.email());
    }

    private void keepsARunner(PracticeId practice, Member who, String why) {
        if (who.role() == TrainerRole.RUNS && who.isHere() && mapper.members(practice).stream().noneMatch(m -> m.isHere() && m.role() == TrainerRole.RUNS && m.id() != who.id())) {
            throw new Refused("", who.name() + " " + why + ".");
        }
    }

    /** What is theirs to do goes to others: households, lessons to come, standing in. */
    private void givesUp(TrainerUser me, Member who, @Nullable Long to, String note, String site, Instant now) {
        handOvers.handOverAll(me, who.id(), to, note, site, now);
        mapper.freeLessons(me.practice(), who.id(), now);
        end(me.practice(), who.id(), null, today(me.practice(), now));
        mapper.stopCalendar(me.practice(), who.id());
        mapper.forgetBusy(me.practice(), who.id());
    }

    /**
     * Somebody leaves: from the next request on they are out, everywhere they are signed in. Nothing of the households goes with them.
     *
     * @param to who has their households from now on; none for everybody
     * @throws Refused when nobody would run the practice any more
     */
    void letGo(TrainerUser me, long id, @Nullable Long to, String note, String site, Instant now) {
        mapper.hold(me.practice());
        Member who = Optional.of(member(me.practice(), id)).filter(m -> !m.isGone()).orElseThrow(() -> new NotFound("trainer " + id));
        keepsARunner(me.practice(), who, Words.say("team.Team.runs-the-practice-and-nobody"));
        givesUp(me, who, to, note, site, now);
        mapper.forgetDrafts(me.practice(), id);
        mapper.forgetFactor(me.practice(), id);
        mapper.forgetCodes(me.practice(), id);
        mapper.shareTemplates(me.practice(), id);
        mapper.letGo(me.practice(), id, now);
        events.publishEvent(new Audited(me.practice(), Audited.What.LET_GO, null, who.name(), now));
        signIns.endAll(who.email());
    }

    /**
     * Somebody is away and another answers for their households and gives their lessons meanwhile.
     *
     * @throws Refused when one of them is away or stands in already, or the days are none
     */
    void away(TrainerUser me, long away, long standIn, LocalDate from, LocalDate until, Instant now) {
        mapper.hold(me.practice());
        Member who = working(me.practice(), away, "away");
        Member other = working(me.practice(), standIn, "standIn");
        if (away != me.id() && !me.isRunning()) {
            throw new NotFound("trainer " + away);
        }
        if (away == standIn) {
            throw new Refused("standIn", Words.say("team.Team.must-be-somebody-else-than"));
        }
        LocalDate today = today(me.practice(), now);
        if (until.isBefore(from) || until.isBefore(today) || until.isAfter(from.plusDays(LONGEST_AWAY_DAYS))) {
            throw new Refused("until", Words.say("team.Team.must-be-from-today-on", LONGEST_AWAY_DAYS, until));
        }
        for (StandIn s : mapper.standIns(me.practice(), today)) {
            if (s.touches(away, from, until) || s.trainerId() == standIn && s.touches(standIn, from, until)) {
                Member taken = s.touches(away, from, until) ? who : other;
                throw new Refused("standIn", Words.say("team.Team.to-already", taken.name() + (s.trainerId() == taken.id() ? Words.say("team.Team.is-away") : Words.say("team.Team.stands-in")) + Dates.shortDate(s.fromDay()), Dates.shortDate(s.untilDay())));
            }
        }
        mapper.insertStandIn(me.practice(), away, standIn, from, until);
        events.publishEvent(new Audited(me.practice(), Audited.What.STANDS_IN, null, Words.say("team.Team.for", other.name(), who.name()), now));
    }

    private Member working(PracticeId practice, long id, String field) {
        return mapper.member(practice, id).filter(Member::isWorking).orElseThrow(() -> new Refused(field, Words.say("team.Team.must-be-a-trainer-of")));
    }

    private void end(PracticeId practice, @Nullable Long trainer, @Nullable Long id, LocalDate today) {
        mapper.shortenStandIns(practice, trainer, id, today);
        mapper.endStandIns(practice, trainer, id, today);
    }

    /** They are not away after all, or back already. */
    void back(TrainerUser me, long id, Instant now) {
        StandIn it = standIns(me.practice(), now).stream().filter(s -> s.id() == id && (s.trainerId() == me.id() || me.isRunning())).findFirst().orElseThrow(() -> new NotFound("stand-in " + id));
        end(me.practice(), null, it.id(), today(me.practice(), now));
        events.publishEvent(new Audited(me.practice(), Audited.What.STANDS_IN_NO_MORE, null, member(me.practice(), it.trainerId()).name(), now));
    }
}
