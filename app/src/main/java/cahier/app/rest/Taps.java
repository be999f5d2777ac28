package cahier.app.rest;

import cahier.app.language.Words;
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
            case "EXPOSURE" -> Words.say("rest.Taps.what-came");
            case "WATCHING" -> Words.say("rest.Taps.long-watching");
            case "WALK" -> Words.say("rest.Taps.out-and-back");
            case "DEPARTURE" -> Words.say("rest.Taps.departures");
            default -> Words.say("rest.Taps.touch");
        };
        return new Said(Words.say("rest.Taps.with", what, row.dog(), row.taps(), (row.person() == null ? "" : Words.say("rest.Taps.by", row.person())), RestWords.mark(row.why())), row.last());
    }

    /** One line, and when the last of it was tapped. */
    public record Said(String words, Instant last) {

        /** The same in the words of a page. */
        public String on(ZoneId zone) {
            return Words.say("rest.Taps.last", words, Dates.day(last.atZone(zone).toLocalDate()));
        }
    }
}
