package notchbook.core.reflection;

import java.util.List;
import java.util.Optional;
import notchbook.core.text.WordRange;

/**
 * A question of a sheet with the range of words that its answer should have, what it asks for beside them, and openings for sentences
 * that fit it; those are offered and never filled in.
 */
public record Prompt(String question, WordRange range, Asks asks, List<String> openings) {
    private static final int LONGEST_QUESTION = 300;
    private static final int MOST_WORDS = 2_000;
    private static final int MOST_OPENINGS = 6;
    private static final int LONGEST_OPENING = 100;

    /** The three prompts of the weekly sheet: what was understood, how the work went, what to do with it. */
    public static final List<Prompt> WEEKLY = List.of(
            asking(
                    "What do you understand now that you did not on Monday?",
                    new WordRange(50, 150),
                    "Before, I thought that …",
                    "What made it clear was …",
                    "I can now say why …"),
            asking(
                    "What worked, what did not, and why?",
                    new WordRange(30, 120),
                    "It worked because …",
                    "What cost me time was …",
                    "I would do it differently by …"),
            asking(
                    "How will you use it?",
                    new WordRange(20, 80),
                    "It helps me with …",
                    "I can check it by …",
                    "The next time I meet it, I …"));

    /** The four prompts for looking back on one piece of work: what it is, what was learned, how it went, why that matters. */
    public static final List<Prompt> ON_A_PIECE = List.of(
            asking("What is it?", new WordRange(15, 80), "It shows …", "I made it when …", "The task was to …"),
            asking(
                    "What did you learn from doing it?",
                    new WordRange(40, 150),
                    "I had to find out how …",
                    "Now I know why …",
                    "What surprised me was …"),
            asking(
                    "What worked, and what did not?",
                    new WordRange(30, 120),
                    "The part that went well is …",
                    "I got stuck when …",
                    "If I made it again, I would …"),
            asking(
                    "Why does that matter?",
                    new WordRange(20, 100),
                    "It will help me to …",
                    "It changes how I …",
                    "Somebody who reads it can …"));

    public Prompt {
        question = question.strip();
        if (question.isEmpty() || question.length() > LONGEST_QUESTION) {
            throw new IllegalArgumentException("A question has 1 to 300 characters.");
        }
        if (range.most() > MOST_WORDS) {
            throw new IllegalArgumentException("A question asks for up to 2,000 words.");
        }
        openings = openings.stream()
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
        if (openings.size() > MOST_OPENINGS || openings.stream().anyMatch(one -> one.length() > LONGEST_OPENING)) {
            throw new IllegalArgumentException("A question has up to 6 openings of up to 100 characters each.");
        }
    }

    private static Prompt asking(String question, WordRange range, String... openings) {
        return new Prompt(question, range, Asks.WORDS, List.of(openings));
    }

    /** An answer that this prompt can have; any other is refused. */
    public Answer checked(Answer answer) {
        if (!asks.canBe(answer.given())) {
            throw new IllegalArgumentException("“" + answer.given() + "” is no answer to “" + question + "”.");
        }
        return answer;
    }

    /** Whether an answer has all that is asked: its length, and what it asks for beside words. */
    public boolean isMetBy(Answer answer, Filled filled) {
        return lack(answer, filled).isEmpty();
    }

    /** What an answer does not have yet, in words; empty when it has all that is asked. */
    public Optional<String> lack(Answer answer, Filled filled) {
        if (!filled.isIn(range)) {
            return Optional.of(filled.inWords() + ", it asks for " + range.least() + " to " + range.most() + " words");
        }
        return switch (asks) {
            case WORDS -> Optional.empty();
            case PIECE -> answer.pieces().isEmpty() ? Optional.of("no piece of work is drawn in") : Optional.empty();
            case TOPIC -> ungiven(answer, "no topic is chosen");
            case NUMBER -> ungiven(answer, "no number is given");
            case RATING -> ungiven(answer, "nothing says how sure");
        };
    }

    private static Optional<String> ungiven(Answer answer, String words) {
        return answer.given().isEmpty() ? Optional.of(words) : Optional.empty();
    }
}
