package notchbook.core.reflection;

import java.util.List;
import notchbook.core.text.WordRange;

/** A question of the weekly sheet with the range of words that its answer should have. */
public record Prompt(String question, WordRange range) {
    /** The three prompts of the weekly sheet: what was understood, how the work went, what to do with it. */
    public static final List<Prompt> WEEKLY = List.of(
            new Prompt("What do you understand now that you did not on Monday?", new WordRange(50, 150)),
            new Prompt("What worked, what did not, and why?", new WordRange(30, 120)),
            new Prompt("How will you use it?", new WordRange(20, 80)));
}
