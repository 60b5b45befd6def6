package notchbook.core.outline;

import java.util.Optional;
import notchbook.core.syllabus.Tier;

/**
 * A line of an outline: how deep it stands, from 0 for a unit; its number as it was written, empty for none; its weight in
 * per cent of the exam, empty for none. {@code question} is what is unsure about it.
 */
public record OutlineLine(
        int depth,
        String number,
        String text,
        String weight,
        Tier tier,
        String years,
        String note,
        Optional<String> question) {
    OutlineLine at(int newDepth) {
        return new OutlineLine(newDepth, number, text, weight, tier, years, note, question);
    }

    OutlineLine weighing(String newWeight) {
        return new OutlineLine(depth, number, text, newWeight, tier, years, note, question);
    }

    OutlineLine asking(String newQuestion) {
        return new OutlineLine(
                depth, number, text, weight, tier, years, note, question.or(() -> Optional.of(newQuestion)));
    }
}
