package notchbook.core.syllabus;

import java.util.Optional;
import java.util.regex.Pattern;

/** Exam years in which something counts, both ends included. Written 2027-2029, 2028, 2028- or -2027; empty is always. */
public record ExamYears(int first, int last) {
    public static final ExamYears ALWAYS = new ExamYears(0, 9999);

    private static final Pattern WRITTEN = Pattern.compile("(?<first>\\d{4})?\\s*(?<dash>[-–])?\\s*(?<last>\\d{4})?");

    public ExamYears {
        if (last < first) {
            throw new IllegalArgumentException("Exam years " + first + " to " + last + " end before they begin.");
        }
    }

    /** Reads the written form; empty when the text is none of the forms above. */
    public static Optional<ExamYears> parse(String text) {
        if (text.isBlank()) {
            return Optional.of(ALWAYS);
        }
        var match = WRITTEN.matcher(text.strip());
        if (!match.matches()) {
            return Optional.empty();
        }
        var isSpan = match.group("dash") != null;
        var first = Optional.ofNullable(match.group("first")).map(Integer::valueOf);
        var last = Optional.ofNullable(match.group("last")).map(Integer::valueOf);
        if (!isSpan && (first.isEmpty() || last.isPresent()) || first.isEmpty() && last.isEmpty()) {
            return Optional.empty();
        }
        var from = first.orElse(ALWAYS.first);
        var to = isSpan ? last.orElse(ALWAYS.last) : from;
        return to < from ? Optional.empty() : Optional.of(new ExamYears(from, to));
    }

    /** The form that {@link #parse} reads. */
    public String written() {
        if (equals(ALWAYS)) {
            return "";
        }
        if (first == last) {
            return String.valueOf(first);
        }
        return (first == ALWAYS.first ? "" : first) + "-" + (last == ALWAYS.last ? "" : last);
    }

    public boolean contains(int year) {
        return first <= year && year <= last;
    }
}
