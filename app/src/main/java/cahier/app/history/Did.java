package cahier.app.history;

/** What somebody did, as a sentence goes on after the name. */
public enum Did {
    LINK_MADE("made the owners’ link"), LINK_REPLACED("replaced the owners’ link"), LINK_STOPPED("stopped the owners’ link"), CLOSED("closed the household"), REOPENED("opened the household again"),
    EXPORTED("took a copy of everything"), EXPORTED_BY_OWNER("an owner took a copy of everything"), ERASURE_ASKED("asked to erase the household"), SHEET_SENT("sent homework"),
    SHEET_FOLLOWED("changed the plan, so the sheet followed: homework"), SHEET_TAKEN_BACK("took back homework"), ACCEPTED("accepted a suggestion"), OVERRULED("overruled a suggestion"),
    APPLIED("moved on by the suggestion"), ALARM_ANSWERED("answered stop and call"), QUESTION_ANSWERED("answered a question"), DISTANCE_SET("set the working distance"),
    COMFORT_SET("set how easy a touch is"), SETUP_KEPT("kept a set-up"), BASELINE_TAKEN("took a baseline"), PROBE_ASKED("asked for a test of a stalled step"), DANGER_SEEN("looked at dangers"),
    FLAG_RAISED("raised a red flag"), CHANGE_NOTED("noted a change"), HANDED_OVER("handed the household over");

    private final String words;

    Did(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
