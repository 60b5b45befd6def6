package notchbook.core.notebook;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import notchbook.core.notebook.Zone.Role;
import notchbook.core.text.WordRange;

/** The patterns that every student has (docs/rules.md, Words we use). Zones that mean the same have the same key in all. */
public final class Patterns {
    private static final String MAIN = "main";
    private static final String SUMMARY = "summary";

    public static final Pattern FREE = new Pattern("Free", List.of(plain(MAIN, Role.MAIN, "Notes", "")));

    public static final Pattern CUE_NOTES = new Pattern(
            "Cue notes",
            List.of(
                    plain("cues", Role.CUES, "Cues", "A question for each part of the notes."),
                    plain(MAIN, Role.MAIN, "Notes", "What was said and shown."),
                    asked(SUMMARY, Role.SUMMARY, "In my own words", "The whole page in a few sentences.", 15, 80)));

    public static final Pattern SOURCE_AND_SUMMARY = new Pattern(
            "Source and summary",
            List.of(
                    plain(MAIN, Role.MAIN, "Source", "Paste the text here, and highlight what counts."),
                    plain("margin", Role.MARGIN, "Key points", "Beside each passage, in your own words."),
                    asked(SUMMARY, Role.SUMMARY, "Summary", "Later you read only this.", 25, 100)));

    public static final Pattern OBSERVATION = new Pattern(
            "Observation",
            List.of(
                    asked("observe", Role.BOX, "What I observe", "Only what can be seen, heard or measured.", 15, 150),
                    asked("notice", Role.BOX, "What I notice", "What stands out, repeats or surprises?", 15, 150),
                    new Zone(
                            "sketch",
                            Role.BOX,
                            "Sketch",
                            "Labelled, with a scale.",
                            Optional.empty(),
                            Set.of(EvidenceKind.HANDWRITTEN, EvidenceKind.PHOTO)),
                    asked("predict", Role.BOX, "Questions and predictions", "What happens if …?", 10, 120)));

    public static final Pattern REFLECTION = new Pattern(
            "Reflection",
            List.of(
                    asked("did", Role.BOX, "What I did", "The work that this page looks back on.", 10, 100),
                    asked("learned", Role.BOX, "What I learned", "And how you know that you did.", 30, 200),
                    asked("next", Role.BOX, "What I do next", "One thing, and by when.", 10, 80)));

    /** All of them, in the order in which they are offered. */
    public static final List<Pattern> STANDARD = List.of(FREE, CUE_NOTES, SOURCE_AND_SUMMARY, OBSERVATION, REFLECTION);

    private Patterns() {}

    private static Zone plain(String key, Role role, String title, String prompt) {
        return new Zone(key, role, title, prompt, Optional.empty(), Set.of());
    }

    private static Zone asked(String key, Role role, String title, String prompt, int least, int most) {
        return new Zone(key, role, title, prompt, Optional.of(new WordRange(least, most)), Set.of());
    }
}
