package cahier.app.erasure;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Rows of one kind, as a page counts them: "3 dogs". */
public record Counted(int count, String words) {

    private static final Map<String, List<String>> WORDS = new LinkedHashMap<>();

    static {
        put("person", "person", "people");
        put("dog", "dog", "dogs");
        put("lesson", "lesson", "lessons");
        put("track", "track", "tracks");
        put("step", "step", "steps");
        put("rep", "rep", "reps");
        put("sitting", "session", "sessions");
        put("exposure", Words.say("erasure.Counted.meeting-at-a-distance"), Words.say("erasure.Counted.meetings-at-a-distance"));
        put("departure", Words.say("erasure.Counted.time-alone"), Words.say("erasure.Counted.times-alone"));
        put("touch", "touch", "touches");
        put("early_sign", Words.say("erasure.Counted.early-sign"), Words.say("erasure.Counted.early-signs"));
        put("homework", "sheet", "sheets");
        put("question", "question", "questions");
        put("alarm", Words.say("erasure.Counted.stop-and-call"), Words.say("erasure.Counted.times-stop-and-call"));
        put("incident", Words.say("erasure.Counted.thing-that-happened"), Words.say("erasure.Counted.things-that-happened"));
        put("gate", Words.say("erasure.Counted.red-flag"), Words.say("erasure.Counted.red-flags"));
        put("baseline", "baseline", "baselines");
        put("mail", "mail", "mails");
        put("owner_link", "link", "links");
    }

    private static void put(String table, String one, String many) {
        WORDS.put(table, List.of(one, many));
    }

    /** Those with a word of their own in the order of the list, the rest together; nothing of what there is none of. */
    static List<Counted> of(Map<String, Integer> byTable) {
        List<Counted> counted = new ArrayList<>();
        WORDS.forEach((table, words) -> {
            int count = byTable.getOrDefault(table, 0);
            if (count > 0) {
                counted.add(new Counted(count, words.get(count == 1 ? 0 : 1)));
            }
        });
        int others = byTable.entrySet().stream().filter(e -> !WORDS.containsKey(e.getKey())).mapToInt(Map.Entry::getValue).sum();
        if (others > 0) {
            counted.add(new Counted(others, others == 1 ? Words.say("erasure.Counted.other-entry") : Words.say("erasure.Counted.other-entries")));
        }
        return counted;
    }
}
