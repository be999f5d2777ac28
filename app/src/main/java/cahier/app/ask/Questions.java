package cahier.app.ask;

import cahier.app.scope.Ids;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps questions, once each, and their answers. */
@Service
@Transactional
public class Questions {

    private final QuestionMapper questions;

    Questions(QuestionMapper questions) {
        this.questions = questions;
    }

    /** Sent twice, it is still one question; true the first time. */
    public boolean ask(PracticeId practice, Question question, Instant now) {
        return questions.insert(practice, question, now) > 0;
    }

    /** A household's, newest first. */
    public Paged<Question> page(PracticeId practice, long household, int page) {
        return Paged.read(page, (most, after) -> questions.newest(practice, household, most, after));
    }

    /** Those of a household without an answer, newest first. */
    public List<Question> open(PracticeId practice, long household) {
        return questions.openOf(practice, household);
    }

    /** Those without an answer, of the whole practice, oldest first. */
    public List<Question> open(PracticeId practice) {
        return questions.open(practice);
    }

    /** The oldest without an answer of each of some households that has one. */
    public Map<Long, Question> oldestOpen(PracticeId practice, Collection<Long> households) {
        return questions.openOfThese(practice, Ids.of(households)).stream().collect(Collectors.toMap(Question::householdId, Function.identity(), (first, later) -> first));
    }

    /** Answered again, the last answer stands. Returns what was asked. */
    public Question answer(TrainerUser trainer, long household, UUID id, String answer, Instant now) {
        if (questions.answer(trainer.practice(), household, id, answer, trainer.signature(), now) == 0) {
            throw new NotFound("question " + id);
        }
        return questions.find(trainer.practice(), id).orElseThrow();
    }
}
