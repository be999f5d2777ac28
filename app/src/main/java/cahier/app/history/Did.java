package cahier.app.history;

/** What somebody did, as a sentence goes on after the name. */
public enum Did {
    LINK_MADE("made the owners’ link"), LINK_REPLACED("replaced the owners’ link"), LINK_STOPPED("stopped the owners’ link"), CLOSED("closed the household"), REOPENED("opened the household again"),
    EXPORTED("took a copy of everything"), EXPORTED_BY_OWNER("an owner took a copy of everything"), ERASURE_ASKED("asked to erase the household"), SHEET_SENT("sent homework"),
    SHEET_FOLLOWED("changed the plan, so the sheet followed: homework"), SHEET_TAKEN_BACK("took back homework"), ACCEPTED("accepted a suggestion"), OVERRULED("overruled a suggestion"),
    APPLIED("moved on by the suggestion"), ALARM_ANSWERED("answered stop and call"), QUESTION_ANSWERED("answered a question"), DISTANCE_SET("set the working distance"),
    COMFORT_SET("set how easy a touch is"), SETUP_KEPT("kept a set-up"), BASELINE_TAKEN("took a baseline"), PROBE_ASKED("asked for a test of a stalled step"), DANGER_SEEN("looked at dangers"),
    FLAG_RAISED("raised a red flag"), CHANGE_NOTED("noted a change"), HANDED_OVER("handed the household over"),
    PERSON_ADDED("added a person"), PERSON_CHANGED("changed a person"), PERSON_REMOVED("removed a person"), DOG_ADDED("added a dog"), DOG_CHANGED("changed a dog"), DOG_REMOVED("removed a dog"),
    PLACE_ADDED("added a place"), PLACE_CHANGED("changed a place"), PLACE_REMOVED("removed a place"), WORD_ADDED("added a word"), WORD_CHANGED("changed a word"), WORD_REMOVED("removed a word"),
    LESSON_ADDED("planned a lesson"), LESSON_CHANGED("changed a lesson"), LESSON_REMOVED("took back a lesson"), TRACK_ADDED("added a track"), TRACK_CHANGED("changed a track"),
    TRACK_REMOVED("removed a track"), STEPS_CHANGED("changed the steps"), HOUSEHOLD_ADDED("added the household"), HOUSEHOLD_CHANGED("changed the household"), HOUSEHOLD_REMOVED("removed the household");

    private final String words;

    Did(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
