package cahier.app.judge;

import cahier.app.alarm.AlarmChanged;
import cahier.app.log.RepVoided;
import cahier.app.log.RepsCame;
import cahier.app.log.SittingEnded;
import cahier.app.scope.PracticeId;
import cahier.app.track.TrackChanged;
import cahier.app.track.Tracks;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Hears whatever a suggestion rests on, and judges each track of which something changed, once, before that change is kept for good
 * (docs/rules.md 4). Nobody else asks for a judgement: a new path into the log or the steps cannot forget it.
 */
@Component
class JudgeAtCommit {

    private final Judgements judgements;
    private final Tracks tracks;

    JudgeAtCommit(Judgements judgements, Tracks tracks) {
        this.judgements = judgements;
        this.tracks = tracks;
    }

    @EventListener
    void on(TrackChanged event) {
        ask(event.practice(), event.track(), event.at());
    }

    /** Their session may still go on: it is judged when it has closed. */
    @EventListener
    void on(RepsCame event) {
        judgements.repsCame(event.practice(), event.lastOfTrack());
    }

    /** The owner may move on with the next rep, and no session has to close for that. */
    @EventListener
    void on(MayGoOn event) {
        asked().due.putIfAbsent(event.track(), new Look(event.practice(), event.at(), true));
    }

    @EventListener
    void on(SittingEnded event) {
        event.tracks().forEach(track -> ask(event.practice(), track, event.at()));
    }

    /** An owner still has the phone in hand; what the trainer takes out or puts back is judged as if it had never been there, or always. */
    @EventListener
    void on(RepVoided event) {
        if (event.byTrainer()) {
            judgements.askAnew(event.practice(), event.track(), event.at());
            ask(event.practice(), event.track(), event.at());
        } else {
            judgements.repChanged(event.practice(), event.track(), event.at());
        }
    }

    @EventListener
    void on(AlarmChanged event) {
        tracks.ofHousehold(event.practice(), event.household()).stream().filter(m -> m.track().dogId() == event.dog() && m.visit().isPresent())
                .forEach(m -> ask(event.practice(), m.track().id(), event.at()));
    }

    /** The track is judged before this transaction ends. */
    void ask(PracticeId practice, long track, Instant at) {
        asked().due.put(track, new Look(practice, at, false));
    }

    private Asked asked() {
        Asked asked = (Asked) TransactionSynchronizationManager.getResource(this);
        if (asked == null) {
            asked = new Asked();
            TransactionSynchronizationManager.bindResource(this, asked);
            TransactionSynchronizationManager.registerSynchronization(asked);
        }
        return asked;
    }

    /** @param within the session: only whether it goes up */
    private record Look(PracticeId practice, Instant at, boolean within) {
    }

    /** What one transaction changed. In the order of their ids, as everybody locks tracks who locks several. */
    private final class Asked implements TransactionSynchronization {

        private final TreeMap<Long, Look> due = new TreeMap<>();

        @Override
        public void beforeCommit(boolean readOnly) {
            while (!due.isEmpty()) {
                Map.Entry<Long, Look> next = due.pollFirstEntry();
                Look look = next.getValue();
                if (look.within()) {
                    judgements.goesOn(look.practice(), next.getKey(), look.at());
                } else {
                    judgements.judge(look.practice(), next.getKey(), look.at());
                }
            }
        }

        @Override
        public void suspend() {
            TransactionSynchronizationManager.unbindResource(JudgeAtCommit.this);
        }

        @Override
        public void resume() {
            TransactionSynchronizationManager.bindResource(JudgeAtCommit.this, this);
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(JudgeAtCommit.this);
        }
    }
}
