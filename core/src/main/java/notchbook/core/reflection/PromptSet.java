package notchbook.core.reflection;

import static java.util.Comparator.comparing;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Prompts that somebody wrote for weekly sheets, from a week on. {@code isRead} is a class's rule that its teachers read the sheets of
 * those weeks; for a student's own set it is never so.
 */
public record PromptSet(UUID id, String name, LocalDate from, List<Prompt> prompts, boolean isRead) {
    private static final int MOST_PROMPTS = 12;
    private static final int LONGEST_NAME = 100;

    public PromptSet {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A set of questions needs a name of up to 100 characters.");
        }
        if (from.getDayOfWeek() != DayOfWeek.MONDAY) {
            throw new IllegalArgumentException("A set of questions begins with a week, on its Monday.");
        }
        if (prompts.isEmpty() || prompts.size() > MOST_PROMPTS) {
            throw new IllegalArgumentException("A set has 1 to 12 questions.");
        }
        var questions = new HashSet<String>();
        prompts.stream()
                .filter(one -> !questions.add(one.question()))
                .findFirst()
                .ifPresent(twice -> {
                    throw new IllegalArgumentException("“" + twice.question() + "” is asked twice. Ask it once.");
                });
        prompts = List.copyOf(prompts);
    }

    /**
     * The set that the sheet of a week goes by: the class's, else one's own, of each the one that began last by that week; none where
     * the prompts are ours (docs/rules.md, Prompts).
     */
    public static Optional<PromptSet> inForce(
            LocalDate monday, Collection<PromptSet> ofClass, Collection<PromptSet> own) {
        return Stream.of(ofClass, own)
                .flatMap(sets -> sets.stream()
                        .filter(set -> !set.from().isAfter(monday))
                        .max(comparing(PromptSet::from).thenComparing(PromptSet::id))
                        .stream())
                .findFirst();
    }
}
