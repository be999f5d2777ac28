package cahier.app.first;

import cahier.app.language.Words;

/** What the first hour with a household is made of, in the order in which it is gone through. */
public enum Part {

    DANGER(5, "/intake#flags"),
    WISHES(8, "/intake#wishes"),
    PEOPLE(3, "?facts=people"),
    DOGS(4, "?facts=dogs"),
    NOW(15, "/baselines"),
    WORDS(4, "?facts=words"),
    METHOD(3, "/method"),
    TRACKS(5, "/tracks/new"),
    SHEET(4, "/homework");

    private final int minutes;
    private final String page;

    Part(int minutes, String page) {
        this.minutes = minutes;
        this.page = page;
    }

    public String words() {
        return Words.say("first.Part." + name());
    }

    /** How long it usually takes. */
    public int minutes() {
        return minutes;
    }

    public String brings() {
        return Words.say("first.Part." + name() + ".brings");
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
