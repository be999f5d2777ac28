package cahier.app.week;

import cahier.app.language.Words;
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
            case PERSON_FREE -> Words.say("week.WeekWords.who-handles-is-not-free");
            case ONE_HANDLER -> Words.say("week.WeekWords.two-handlers-at-once");
            case COMPANY -> Words.say("week.WeekWords.the-second-person-is-not");
            case ADULT -> Words.say("week.WeekWords.no-adult-is-there");
            case ONE_DOG -> Words.say("week.WeekWords.another-dog-practises-at-that");
            case REST -> Words.say("week.WeekWords.less-than-90-min-from");
            case ONCE -> Words.say("week.WeekWords.the-same-track-twice");
            case LIMIT -> Words.say("week.WeekWords.longer-than-the-dog-can");
            case APART -> Words.say("week.WeekWords.two-tracks-that-are-kept");
            case HEAT -> Words.say("week.WeekWords.outdoors", Heat.WORDS);
            case DOSE -> Words.say("week.WeekWords.more-than-the-dose-of");
            case MINUTES -> Words.say("week.WeekWords.more-than-the-households-minutes");
            default -> throw new IllegalArgumentException(Words.say("week.WeekWords.rule-must-be-a-hard", rule));
        };
    }

    /** "Recall (3 of 14) and Heel (5 of 14) left out: the minutes a day are full.": what several tracks share. */
    static String shared(WeekPlan.Why why, List<String> titles) {
        String all = titles.size() == 1 ? titles.get(0) : Words.say("week.WeekWords.and", String.join(", ", titles.subList(0, titles.size() - 1)), titles.get(titles.size() - 1));
        return Words.say("week.WeekWords.left-out-least-bad-they", all, (why == WeekPlan.Why.MINUTES ? Words.say("week.WeekWords.the-minutes-a-day-are") : Words.say("week.WeekWords.the-free-hours-are-taken")));
    }

    /** "Recall (3 of 14)" */
    static String some(WeekPlan.Unmet unmet, String title) {
        return Words.say("week.WeekWords.of", title, unmet.missing(), unmet.wanted());
    }

    /** "Recall, 5 of 7 left out: no friend is there while somebody is free. Least bad: find one for Monday, 18:00." */
    static String unmet(WeekPlan.Unmet unmet, String title, String company, LocalDate first) {
        String when = unmet.instead().map(m -> Dates.longDate(first.plusDays(m / Span.DAY)) + ", " + m % Span.DAY / 60 + ":" + String.format("%02d", m % 60)).orElse("");
        String why = switch (unmet.why()) {
            case NO_TIME -> Words.say("week.WeekWords.there-is-not-enough-free");
            case NO_COMPANY -> Words.say("week.WeekWords.is-there-while-somebody-is", company);
            case NO_ADULT -> Words.say("week.WeekWords.only-a-child-is-free");
            case HEAT -> Words.say("week.WeekWords.whenever-somebody-is-free", Heat.WORDS);
            case MINUTES, CROWDED -> throw new IllegalArgumentException(Words.say("week.WeekWords.what-tracks-share-is-said", unmet));
        };
        String leastBad = switch (unmet.why()) {
            case NO_TIME -> when.isEmpty() ? Words.say("week.WeekWords.the-other-sessions-are-kept") : Words.say("week.WeekWords.a-little-more-time-on", when);
            case NO_COMPANY -> when.isEmpty() ? Words.say("week.WeekWords.the-other-sessions-are-kept") : Words.say("week.WeekWords.find-one-for", when);
            case NO_ADULT -> when.isEmpty() ? Words.say("week.WeekWords.the-other-sessions-are-kept") : Words.say("week.WeekWords.an-adult-joins-on", when);
            case HEAT -> Words.say("week.WeekWords.an-hour-before-breakfast-or");
            case MINUTES, CROWDED -> "";
        };
        return Words.say("week.WeekWords.of-left-out-least-bad", title, unmet.missing(), unmet.wanted(), why, leastBad);
    }
}
