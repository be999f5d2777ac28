package cahier.app.update;

import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the last update of Cahier mended in a household, or could not; until the trainer has seen it. */
@Service
@Transactional
public class UpdateNotes {

    private final UpdateNoteMapper notes;

    UpdateNotes(UpdateNoteMapper notes) {
        this.notes = notes;
    }

    /** How many were not seen yet. */
    @Transactional(readOnly = true)
    public int open(PracticeId practice) {
        return notes.open(practice);
    }

    /** Those not seen yet, by household. */
    @Transactional(readOnly = true)
    List<UpdateNoteMapper.Note> list(PracticeId practice) {
        return notes.list(practice);
    }

    /** The trainer has seen it. */
    void seen(PracticeId practice, long id, Instant now) {
        if (notes.seen(practice, id, now) == 0) {
            throw new NotFound("update note " + id);
        }
    }
}
