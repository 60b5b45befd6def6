package notchbook.core.source;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What is known of where a thing comes from. {@code authors} are "Family, Given" for people and plain names for others;
 * {@code published} is a year, a year and month, or a day, as {@link Published} keeps it; {@code where} is the site, journal, book or
 * house that it stands in; {@code purpose} says what it was made for. {@code reasons} answer {@link #QUESTIONS}, one for one.
 */
public record Source(
        SourceKind kind,
        List<String> authors,
        String published,
        String where,
        String purpose,
        Optional<LocalDate> lookedAt,
        Optional<Trust> trust,
        List<String> reasons) {
    /** What a student asks of a source before they trust it. */
    public static final List<String> QUESTIONS = List.of(
            "Who made it, and how do they know?",
            "What do they want from whoever reads it?",
            "What else says the same, or something else?");

    public static final Source UNKNOWN = lookedAt(Optional.empty());

    private static final int MOST_AUTHORS = 30;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_REASON = 1_000;

    public Source {
        authors = authors.stream()
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .distinct()
                .toList();
        published = Published.read(published);
        where = where.strip();
        purpose = purpose.strip();
        reasons = List.copyOf(reasons);
        if (authors.size() > MOST_AUTHORS) {
            throw new IllegalArgumentException("Name up to 30 authors.");
        }
        if (where.length() > LONGEST_NAME || authors.stream().anyMatch(name -> name.length() > LONGEST_NAME)) {
            throw new IllegalArgumentException("A name has up to 200 characters.");
        }
        if (reasons.size() > QUESTIONS.size()
                || purpose.length() > LONGEST_REASON
                || reasons.stream().anyMatch(reason -> reason.length() > LONGEST_REASON)) {
            throw new IllegalArgumentException("Answer each question in up to 1,000 characters.");
        }
    }

    /** Nothing is known but when it was looked at. */
    public static Source lookedAt(Optional<LocalDate> day) {
        return new Source(SourceKind.WEB_PAGE, List.of(), "", "", "", day, Optional.empty(), List.of());
    }

    /** The same with what was found by itself in the places that are blank; how far it is trusted is for the student alone to say. */
    public Source or(Source found) {
        return new Source(
                kind == SourceKind.WEB_PAGE ? found.kind : kind,
                authors.isEmpty() ? found.authors : authors,
                published.isEmpty() ? found.published : published,
                where.isEmpty() ? found.where : where,
                purpose,
                lookedAt.or(found::lookedAt),
                trust,
                reasons);
    }
}
