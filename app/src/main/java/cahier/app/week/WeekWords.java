package cahier.app.week;

import cahier.app.web.Dates;
import cahier.core.week.Heat;
import cahier.core.week.Span;
import cahier.core.week.WeekPlan;
import cahier.core.week.WeekRule;
import java.time.LocalDate;
import java.util.List;

/** What a plan could not do, in words. */
final class WeekWords {

    private WeekWords() {
    }

    /** "nobody is free then": why a pinned session does not fit. */
    static String broken(String rule) {
        return switch (WeekRule.valueOf(rule)) {
            case PERSON_FREE -> "who handles is not free for all of it";
            case ONE_HANDLER -> "two handlers at once";
            case COMPANY -> "the second person is not there";
            case ADULT -> "no adult is there";
            case ONE_DOG -> "another dog practises at that time";
            case REST -> "less than 90\u00a0min from the dog’s other session";
            case ONCE -> "the same track twice";
            case LIMIT -> "longer than the dog can attend";
            case APART -> "two tracks that are kept apart";
            case HEAT -> Heat.WORDS + " outdoors";
            case DOSE -> "more than the dose of that day";
            case MINUTES -> "more than the household’s minutes of that day";
            default -> throw new IllegalArgumentException("rule must be a hard one, was " + rule);
        };
    }

    /** "Recall (3 of 14) and Heel (5 of 14) left out: the minutes a day are full.": what several tracks share. */
    static String shared(WeekPlan.Why why, List<String> titles) {
        String all = titles.size() == 1 ? titles.get(0) : String.join(", ", titles.subList(0, titles.size() - 1)) + " and " + titles.get(titles.size() - 1);
        return all + " left out: " + (why == WeekPlan.Why.MINUTES ? "the minutes a day are full." : "the free hours are taken, with 90\u00a0min between two sessions of a dog.")
                + " Least bad: they share what there is, day by day; or leave one track out.";
    }

    /** "Recall (3 of 14)" */
    static String some(WeekPlan.Unmet unmet, String title) {
        return title + " (" + unmet.missing() + " of " + unmet.wanted() + ")";
    }

    /** "Recall, 5 of 7 left out: no friend is there while somebody is free. Least bad: find one for Monday, 18:00." */
    static String unmet(WeekPlan.Unmet unmet, String title, String company, LocalDate first) {
        String when = unmet.instead().map(m -> Dates.longDate(first.plusDays(m / Span.DAY)) + ", " + m % Span.DAY / 60 + ":" + String.format("%02d", m % 60)).orElse("");
        String why = switch (unmet.why()) {
            case NO_TIME -> "there is not enough free time.";
            case NO_COMPANY -> company + " is there while somebody is free.";
            case NO_ADULT -> "only a child is free.";
            case HEAT -> Heat.WORDS + " whenever somebody is free.";
            case MINUTES, CROWDED -> throw new IllegalArgumentException("what tracks share is said of all of them, was " + unmet);
        };
        String leastBad = switch (unmet.why()) {
            case NO_TIME -> when.isEmpty() ? "the other sessions are kept." : "a little more time on " + when + ".";
            case NO_COMPANY -> when.isEmpty() ? "the other sessions are kept." : "find one for " + when + ".";
            case NO_ADULT -> when.isEmpty() ? "the other sessions are kept." : "an adult joins on " + when + ".";
            case HEAT -> "an hour before breakfast, or a place indoors.";
            case MINUTES, CROWDED -> "";
        };
        return title + ", " + unmet.missing() + " of " + unmet.wanted() + " left out: " + why + " Least bad: " + leastBad;
    }
}
