package cahier.core.decide;

/** What a track works on, which sets how carefully it is judged (docs/rules.md 4). */
public enum TrackKind {

    /** Learning to do something. */
    SKILL,
    /** Learning that something is harmless. */
    COMFORT
}
