package cahier.app.rest;

import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import cahier.core.decide.Cause;
import cahier.core.rest.Work;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks what was tapped all the same; it is kept like any other tap, and the trainer sees the mark. */
@Service
@Transactional
public class Taps {

    private static final String RESTING = Stream.of(Cause.values()).filter(Cause::restsTheStep).map(Cause::name).collect(Collectors.joining(" "));

    private final TapMapper taps;

    Taps(TapMapper taps) {
        this.taps = taps;
    }

    /** Marks it once, however often it is sent. */
    public void mark(PracticeId practice, long household, Tap tap) {
        taps.insert(practice, household, tap.work() == Work.STEP ? "REP" : tap.work().name(), tap);
    }

    /** Whether a grown-up's tap could be marked at all: mostly nothing rests, and a phone that sends a rep waits for one question instead of for all that {@link Rests} asks. */
    @Transactional(readOnly = true)
    public boolean mayBeMarked(PracticeId practice, long household) {
        return taps.mayBeMarked(practice, household, RESTING);
    }

    /** "Leave it with Pim, 3 taps by Noor, by a child, with no adult named": one line for each reason, the newest first. */
    @Transactional(readOnly = true)
    public List<Said> since(PracticeId practice, long household, Instant since) {
        return taps.since(practice, household, since).stream().map(Taps::said).toList();
    }

    private static Said said(TapMapper.Row row) {
        String what = row.track() != null ? row.track() : switch (row.kind()) {
            case "EXPOSURE" -> "What came";
            case "WATCHING" -> "Long watching";
            case "WALK" -> "Out and back";
            case "DEPARTURE" -> "Departures";
            default -> "Touch";
        };
        return new Said(what + " with " + row.dog() + ": " + row.taps() + (row.taps() == 1 ? " tap" : " taps") + (row.person() == null ? "" : " by " + row.person()) + ", " + RestWords.mark(row.why()) + ".", row.last());
    }

    /** One line, and when the last of it was tapped. */
    public record Said(String words, Instant last) {

        /** The same in the words of a page. */
        public String on(ZoneId zone) {
            return words + " Last " + Dates.day(last.atZone(zone).toLocalDate()) + ".";
        }
    }
}
