package cahier.core.week;

import ai.timefold.solver.core.api.domain.lookup.PlanningId;

/**
 * A moment at which somebody could begin, and for how many minutes from then on what a step may need is there.
 *
 * @param start minute of the week
 * @param free minutes this person has
 * @param household minutes another of the household has too
 * @param adult minutes an adult is there: another, or without end where this person is one
 * @param friend minutes a friend can help
 * @param stranger minutes a stranger can
 * @param cool minutes below 24 °C
 * @param afterOuting whether the dogs came home not long ago
 */
record Opening(@PlanningId int id, long personId, int start, int free, int household, int adult, int friend, int stranger, int cool, boolean afterOuting) {

    int day() {
        return start / Span.DAY;
    }

    /** Whether a session of this step alone can be had here. */
    boolean isFor(Dose dose) {
        return free >= dose.minutes() && with(dose.company()) >= dose.minutes() && adult(dose) >= dose.minutes() && (!dose.outdoors() || cool >= dose.minutes());
    }

    /** For how many minutes an adult is there as this step needs one: one that is for grown-ups is practised by an adult, not beside one. */
    int adult(Dose dose) {
        return dose.grownUps() && adult != Integer.MAX_VALUE ? 0 : adult;
    }

    boolean isAt(Week.Kept kept) {
        return personId == kept.personId() && start == kept.start();
    }

    /** For how many minutes there is such company. */
    int with(Company company) {
        return switch (company) {
            case NOBODY -> Integer.MAX_VALUE;
            case HOUSEHOLD -> household;
            case FRIEND -> friend;
            case STRANGER -> stranger;
        };
    }
}
