package notchbook.core.syllabus;

import static java.util.stream.Collectors.joining;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * One row of a syllabus as it was written, with the line that it stands on, counted from 1, and the id of the node that
 * it changes, if any.
 */
public record SyllabusRow(
        int line,
        Optional<UUID> id,
        String identifier,
        String code,
        String parent,
        String title,
        String statement,
        String weight,
        String tier,
        String years,
        String note) {

    /** The same with the board's own name for the line. */
    public SyllabusRow named(String newIdentifier) {
        return new SyllabusRow(line, id, newIdentifier, code, parent, title, statement, weight, tier, years, note);
    }

    SyllabusRow under(String newParent) {
        return new SyllabusRow(line, id, identifier, code, newParent, title, statement, weight, tier, years, note);
    }

    SyllabusRow saying(String newTitle, String newStatement) {
        return new SyllabusRow(line, id, identifier, code, parent, newTitle, newStatement, weight, tier, years, note);
    }

    /** The same with more of a note. */
    SyllabusRow noting(String more) {
        var notes = Stream.of(note, more)
                .filter(words -> !words.isBlank())
                .distinct()
                .collect(joining(". "));
        return new SyllabusRow(line, id, identifier, code, parent, title, statement, weight, tier, years, notes);
    }

    /** The row that {@link SyllabusDraft} reads as this node again. */
    static SyllabusRow of(int line, SyllabusNode node, String parentCode) {
        return new SyllabusRow(
                line,
                Optional.of(node.id()),
                node.identifier().orElse(""),
                node.code(),
                parentCode,
                node.isPoint() ? "" : node.title(),
                node.isPoint() ? node.title() : "",
                node.weight().isPresent() ? Decimals.plain(node.weight().getAsDouble()) : "",
                node.tier() == Tier.CORE ? "" : node.tier().name().toLowerCase(Locale.ROOT),
                node.years().written(),
                node.note());
    }
}
