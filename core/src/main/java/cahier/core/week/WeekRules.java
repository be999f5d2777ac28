package cahier.core.week;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.count;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sum;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.toList;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.filtering;
import static ai.timefold.solver.core.api.score.stream.Joiners.lessThan;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoft.HardMediumSoftScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ai.timefold.solver.core.api.score.stream.uni.UniConstraintStream;
import java.util.function.ToIntFunction;

/** The rules of {@link WeekRule} as constraint streams; the weights are those of docs/rules.md 17. */
public class WeekRules implements ConstraintProvider {

    /** Minutes between two sessions of one dog. */
    static final int REST = 90;
    static final int NO_TURN = 30;
    static final int BUSY = 6;
    static final int SPREAD = 4;
    static final int NOT_CALM = 3;
    static final int HARDEST_FIRST = 3;
    static final int HARDEST_UNSURE = 3;
    static final int MOVED = 2;

    /** For the solver. */
    public WeekRules() {
    }

    @Override
    public Constraint[] defineConstraints(ConstraintFactory factory) {
        return new Constraint[] {personFree(factory), oneHandler(factory), company(factory), adult(factory), oneDog(factory), rest(factory), once(factory), limit(factory), apart(factory),
            heat(factory), dose(factory), minutes(factory), leftOut(factory), spread(factory), turn(factory), calm(factory), hardest(factory), sureHand(factory), busy(factory), sittings(factory), steady(factory)};
    }

    private static UniConstraintStream<JointSession> everySitting(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).groupBy(TrackSession::dogId, TrackSession::start, toList()).map(JointSession::of);
    }

    private static Constraint within(ConstraintFactory factory, WeekRule rule, ToIntFunction<JointSession> over) {
        return everySitting(factory).filter(s -> over.applyAsInt(s) > 0).penalize(HardMediumSoftScore.ONE_HARD, over).asConstraint(rule.name());
    }

    /** The handler has time for all of it. */
    Constraint personFree(ConstraintFactory factory) {
        return within(factory, WeekRule.PERSON_FREE, JointSession::overFree);
    }

    /** One session has one handler. */
    Constraint oneHandler(ConstraintFactory factory) {
        return factory.forEachUniquePair(TrackSession.class, equal(TrackSession::dogId), equal(TrackSession::start)).filter((a, b) -> a.personId() != b.personId())
                .penalize(HardMediumSoftScore.ONE_HARD).asConstraint(WeekRule.ONE_HANDLER.name());
    }

    /** A step that needs a second person has one. */
    Constraint company(ConstraintFactory factory) {
        return within(factory, WeekRule.COMPANY, JointSession::alone);
    }

    /** A child practises with an adult at hand. */
    Constraint adult(ConstraintFactory factory) {
        return within(factory, WeekRule.ADULT, JointSession::unwatched);
    }

    /** One dog at a time. */
    Constraint oneDog(ConstraintFactory factory) {
        return everySitting(factory).join(everySitting(factory), equal(JointSession::day), lessThan(JointSession::dogId), filtering((a, b) -> a.overlap(b) > 0))
                .penalize(HardMediumSoftScore.ONE_HARD, JointSession::overlap).asConstraint(WeekRule.ONE_DOG.name());
    }

    /** A dog rests between its sessions. */
    Constraint rest(ConstraintFactory factory) {
        return everySitting(factory).join(everySitting(factory), equal(JointSession::dogId), equal(JointSession::day), lessThan(JointSession::start), filtering((a, b) -> b.start() < a.end() + REST))
                .penalize(HardMediumSoftScore.ONE_HARD, (a, b) -> a.end() + REST - b.start()).asConstraint(WeekRule.REST.name());
    }

    /** A track comes once in a session. */
    Constraint once(ConstraintFactory factory) {
        return factory.forEachUniquePair(TrackSession.class, equal(TrackSession::trackId), equal(TrackSession::start)).penalize(HardMediumSoftScore.ONE_HARD).asConstraint(WeekRule.ONCE.name());
    }

    /** No session over the limit of its longest step, or the dog's span. */
    Constraint limit(ConstraintFactory factory) {
        return within(factory, WeekRule.LIMIT, JointSession::overLimit);
    }

    /** Two tracks that are kept apart never share a session. */
    Constraint apart(ConstraintFactory factory) {
        return factory.forEach(Week.Apart.class).join(TrackSession.class, equal(Week.Apart::trackId, TrackSession::trackId))
                .join(TrackSession.class, equal((apart, a) -> apart.otherId(), TrackSession::trackId), equal((apart, a) -> a.start(), TrackSession::start))
                .penalize(HardMediumSoftScore.ONE_HARD).asConstraint(WeekRule.APART.name());
    }

    /** No outdoor step in hours of 24 °C or more. */
    Constraint heat(ConstraintFactory factory) {
        return within(factory, WeekRule.HEAT, JointSession::heat);
    }

    /** Not more sessions of a step on a day than it asks for. */
    Constraint dose(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).groupBy(TrackSession::dose, TrackSession::day, count()).filter((dose, day, n) -> n > dose.left(day))
                .penalize(HardMediumSoftScore.ONE_HARD, (dose, day, n) -> n - dose.left(day)).asConstraint(WeekRule.DOSE.name());
    }

    /** Not more minutes on a day than the household has. */
    Constraint minutes(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).groupBy(TrackSession::day, sum(TrackSession::minutes)).join(Minutes.class).filter((day, sum, has) -> sum > has.on(day))
                .penalize(HardMediumSoftScore.ONE_HARD, (day, sum, has) -> sum - has.on(day)).asConstraint(WeekRule.MINUTES.name());
    }

    /**
     * Minutes the household has on a day.
     *
     * @param spent minutes practised on the first day
     */
    record Minutes(int aDay, int spent) {

        int on(int day) {
            return day == 0 ? Math.max(0, aDay - spent) : aDay;
        }
    }

    /** Every session has a time; what cannot is shared evenly between the tracks. */
    Constraint leftOut(ConstraintFactory factory) {
        return factory.forEachIncludingUnassigned(TrackSession.class).filter(e -> !e.isPlanned()).groupBy(TrackSession::dose, count())
                .penalize(HardMediumSoftScore.ONE_MEDIUM, (dose, n) -> n * n).asConstraint(WeekRule.LEFT_OUT.name());
    }

    /** The doses of a track spread over the days. */
    Constraint spread(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).groupBy(TrackSession::dose, TrackSession::day, count()).penalize(HardMediumSoftScore.ONE_SOFT, (dose, day, n) -> SPREAD * n * n)
                .asConstraint(WeekRule.SPREAD.name());
    }

    /** Everyone who practises and has time gets a turn. */
    Constraint turn(ConstraintFactory factory) {
        return factory.forEach(Someone.class).filter(p -> p.handles() && !p.free().isEmpty()).ifNotExists(TrackSession.class, equal(Someone::id, TrackSession::personId))
                .penalize(HardMediumSoftScore.ONE_SOFT, e -> NO_TURN).asConstraint(WeekRule.TURN.name());
    }

    /** Calm steps come after an outing. */
    Constraint calm(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).filter(e -> e.dose().calm() && !e.there().afterOuting()).penalize(HardMediumSoftScore.ONE_SOFT, e -> NOT_CALM).asConstraint(WeekRule.CALM.name());
    }

    /** The dog's hardest does not begin its day. */
    Constraint hardest(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).filter(TrackSession::isHardest)
                .ifNotExists(TrackSession.class, equal(TrackSession::dogId), equal(TrackSession::day), filtering((e, other) -> other.trackId() != e.trackId() && other.start() <= e.start()))
                .penalize(HardMediumSoftScore.ONE_SOFT, e -> HARDEST_FIRST).asConstraint(WeekRule.HARDEST.name());
    }

    /** The dog's hardest is practised by somebody who is sure with it. */
    Constraint sureHand(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).filter(TrackSession::isHardest).join(factory.forEach(Someone.class).filter(Someone::unsure), equal(TrackSession::personId, Someone::id))
                .penalize(HardMediumSoftScore.ONE_SOFT, (e, p) -> HARDEST_UNSURE).asConstraint(WeekRule.SURE_HAND.name());
    }

    /** A place is used in its quiet hours. */
    Constraint busy(ConstraintFactory factory) {
        return factory.forEach(TrackSession.class).filter(TrackSession::isInBusyHours).penalize(HardMediumSoftScore.ONE_SOFT, e -> BUSY).asConstraint(WeekRule.BUSY.name());
    }

    /** As few interruptions of the household's day as do. */
    Constraint sittings(ConstraintFactory factory) {
        return everySitting(factory).penalize(HardMediumSoftScore.ONE_SOFT).asConstraint(WeekRule.SITTINGS.name());
    }

    /** What was planned before stays where it was. */
    Constraint steady(ConstraintFactory factory) {
        return factory.forEachIncludingUnassigned(TrackSession.class).filter(TrackSession::isMoved).penalize(HardMediumSoftScore.ONE_SOFT, e -> MOVED).asConstraint(WeekRule.STEADY.name());
    }
}
