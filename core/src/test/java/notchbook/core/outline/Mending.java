package notchbook.core.outline;

import static java.util.stream.Collectors.joining;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import com.github.difflib.patch.DeltaType;
import java.util.List;
import java.util.stream.Stream;
import notchbook.core.syllabus.Tier;

/** What somebody would have to mend by hand in an outline, line by line, against what the document says. */
record Mending(int lines, List<AbstractDelta<String>> deltas) {
    static Mending of(List<OutlineLine> read, List<String> wanted) {
        return new Mending(
                wanted.size(),
                DiffUtils.diff(wanted, read.stream().map(Mending::written).toList())
                        .getDeltas());
    }

    /** Lines to be put in, changed or left out. */
    int count() {
        return deltas.stream()
                .mapToInt(delta ->
                        Math.max(delta.getSource().size(), delta.getTarget().size()))
                .sum();
    }

    /** A line as the table of documents writes it. */
    private static String written(OutlineLine line) {
        var said = Stream.of(
                        line.weight().isEmpty() ? "" : " {" + line.weight() + " %}",
                        line.tier() == Tier.EXTENDED ? " {extended}" : "",
                        line.years().isEmpty() ? "" : " {" + line.years() + "}")
                .collect(joining());
        return "  ".repeat(line.depth()) + line.number() + " | " + line.text() + said;
    }

    @Override
    public String toString() {
        return deltas.stream()
                .map(delta -> "%s%n  wanted %s%n  read   %s"
                        .formatted(
                                delta.getType() == DeltaType.CHANGE
                                        ? "changed"
                                        : delta.getType().name().toLowerCase(java.util.Locale.ROOT),
                                String.join("\n         ", delta.getSource().getLines()),
                                String.join("\n         ", delta.getTarget().getLines())))
                .collect(joining("\n"));
    }
}
