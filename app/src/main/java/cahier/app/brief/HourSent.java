package cahier.app.brief;

import cahier.app.language.Words;
import cahier.app.lesson.AgendaLine;
import cahier.app.lesson.Shown;
import cahier.app.log.Side;
import cahier.core.rep.Outcome;
import cahier.core.slip.Slip;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the page of a lesson that runs sends; each may come twice, and late. */
final class HourSent {

    static final int LONGEST_ITEM = 40;
    static final int LONGEST_NOTES = 8000;

    private static final Instant EARLIEST = Instant.parse("2020-01-01T00:00:00Z");
    private static final Instant LATEST = Instant.parse("2100-01-01T00:00:00Z");

    private HourSent() {
    }

    /**
     * @param person whose rep it is; none for one of the trainer's own, which shows how
     * @param item what it was paid with; may be empty
     */
    record Tap(UUID id, long track, long step, Outcome outcome, Instant at, @Nullable Long person, @Nullable Side side, @Nullable String item) {

        Tap {
            if (id == null || outcome == null || at == null || at.isBefore(EARLIEST) || at.isAfter(LATEST)) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.a-rep-needs-id-outcome", id, outcome, at));
            }
            if (item != null && item.length() > LONGEST_ITEM) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.item-must-be-at-most", LONGEST_ITEM, item.length()));
            }
        }
    }

    record Slipped(@Nullable Slip slip) {
    }

    record Block(String title, int minutes) {

        Block {
            if (title == null || title.isBlank() || title.length() > AgendaLine.LONGEST_TITLE) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.title-must-have-1-to", AgendaLine.LONGEST_TITLE, title));
            }
            if (minutes < 0 || minutes > AgendaLine.MOST_MINUTES) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.minutes-must-be-0-to", AgendaLine.MOST_MINUTES, minutes));
            }
        }
    }

    /** @param at which block is at hand */
    record Blocks(List<Block> agenda, int at) {

        Blocks {
            if (agenda == null || agenda.isEmpty() || agenda.size() > AgendaLine.MOST) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.agenda-must-have-1-to", AgendaLine.MOST, (agenda == null ? Words.say("brief.HourSent.left-out") : agenda.size())));
            }
            if (at < 0 || at >= agenda.size()) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.at-must-be-one-of", agenda.size(), at));
            }
            agenda = List.copyOf(agenda);
        }
    }

    /** @param fine none where it was not looked for after all */
    record Back(Shown what, @Nullable Boolean fine) {

        Back {
            if (what == null) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.what-must-be-one-of", Arrays.toString(Shown.values())));
            }
        }
    }

    /** @param base the notes these were written on */
    record Notes(String words, String base) {

        Notes {
            if (words == null || base == null || words.length() > LONGEST_NOTES) {
                throw new IllegalArgumentException(Words.say("brief.HourSent.words-must-be-at-most", LONGEST_NOTES, (words == null ? Words.say("brief.HourSent.left-out") : words.length())));
            }
        }
    }
}
