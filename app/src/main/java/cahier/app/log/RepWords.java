package cahier.app.log;

import cahier.app.draw.Glyph;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import cahier.app.web.Measures;
import cahier.core.rep.Role;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** One rep in words. */
public final class RepWords {

    private RepWords() {
    }

    /** "Clean, Mon 23 Nov 19:40, Dele, kitchen, 12 s, left hand, chicken". */
    public static String of(KeptRep rep, Facts facts) {
        ZoneId zone = facts.household().zone();
        List<String> parts = new ArrayList<>();
        parts.add(Glyph.of(rep.outcome()).getLabel());
        parts.add(Dates.day(rep.happenedAt().atZone(zone).toLocalDate()) + " " + Dates.time(rep.happenedAt(), zone));
        parts.add(person(rep, facts));
        parts.add(facts.places().stream().filter(p -> rep.placeId() != null && p.id() == rep.placeId()).map(Place::name).findFirst().orElse(""));
        parts.add(rep.value() == null ? "" : Measures.duration(rep.value()));
        parts.add(rep.side() == null ? "" : Words.say("log.RepWords.hand", rep.side().name().toLowerCase(Locale.ROOT)));
        parts.add(rep.item());
        parts.add(rep.helper().isEmpty() ? "" : Words.say("log.RepWords.helped-by", rep.helper()));
        parts.add(rep.role() == Role.WORK ? "" : Words.say("log.RepWords.role", rep.role().name().toLowerCase(Locale.ROOT)));
        parts.removeIf(String::isEmpty);
        return String.join(", ", parts);
    }

    /** Who practised; empty when nobody said. */
    public static String person(KeptRep rep, Facts facts) {
        return facts.personName(rep.personId());
    }
}
