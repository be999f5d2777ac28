package cahier.app.first;

import cahier.app.language.Words;

/** What the first hour with a household is made of, in the order in which it is gone through. */
public enum Part {

    DANGER("What is dangerous today", 5, "What must be out of the way before anything is trained.", "/intake#flags"),
    WISHES("What they want", 8, "The shelf is sorted by it.", "/intake#wishes"),
    PEOPLE("Who practises", 3, "Whose taps they are, and who is with the child.", "?facts=people"),
    DOGS("The dog", 4, "Minutes and treats are reckoned from age and weight.", "?facts=dogs"),
    NOW("What the dog does now", 15, "Its tracks start where it is, not at step 1.", "/baselines"),
    WORDS("The words", 4, "One word for one thing, the same from everybody.", "?facts=words"),
    METHOD("How you teach here", 3, "The steps come written for it.", "/method"),
    TRACKS("The tracks", 5, "From the shelf, in steps.", "/tracks/new"),
    SHEET("The first homework", 4, "What they practise until you come again.", "/homework");

    private final String words;
    private final int minutes;
    private final String brings;
    private final String page;

    Part(String words, int minutes, String brings, String page) {
        this.words = words;
        this.minutes = minutes;
        this.brings = brings;
        this.page = page;
    }

    public String words() {
        return words;
    }

    /** How long it usually takes. */
    public int minutes() {
        return minutes;
    }

    public String brings() {
        return brings;
    }

    /** Where it is done, behind the address of the household. */
    public String page() {
        return page;
    }

    /** Whether the way goes on without it: nothing is sent out without a dog and a track. */
    public boolean canBeSkipped() {
        return this != DOGS && this != TRACKS && this != SHEET;
    }

    /** What it is once the trainer goes on without writing anything: seen to, or left out. */
    public FirstHour.State aside() {
        return this == DANGER || this == METHOD ? FirstHour.State.DONE : FirstHour.State.SKIPPED;
    }

    /** The word on the button that says so. */
    public String asideWords() {
        return this == DANGER ? Words.say("first.Part.nothing-here") : this == METHOD ? Words.say("first.Part.as-usual") : Words.say("first.Part.leave-out");
    }
}
