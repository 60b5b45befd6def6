package notchbook.core.syllabus;

import static java.util.stream.Collectors.groupingBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Rows of a syllabus file on their way to an edition: either all of them are right, or every breach is listed. */
public final class SyllabusDraft {
    /** How far given weights may miss their sum, in per cent of the exam: room for rounding in the file. */
    private static final double TOLERANCE_PERCENT = 0.1;

    private static final double WHOLE_EXAM_PERCENT = 100;

    /** Room for a code with several levels. In characters, as the next two. */
    private static final int LONGEST_CODE = 40;

    private static final int LONGEST_IDENTIFIER = 200;

    /** Room for a full paragraph as a statement. */
    private static final int LONGEST_TEXT = 1_000;

    /** More levels than any syllabus has; the rules go down them one by one. */
    private static final int DEEPEST = 20;

    private final List<SyllabusRow> rows;
    private final Map<String, SyllabusRow> byCode = new HashMap<>();
    private final Map<String, List<SyllabusRow>> byParent;
    private final List<Breach> breaches = new ArrayList<>();

    private SyllabusDraft(List<SyllabusRow> rows) {
        this.rows = rows;
        this.byParent = rows.stream().collect(groupingBy(SyllabusRow::parent));
    }

    /** What came of a draft: nodes in order when there are no breaches, else no nodes. */
    public record Result(List<SyllabusNode> nodes, List<Breach> breaches) {
        public boolean isAccepted() {
            return breaches.isEmpty();
        }
    }

    /** Checks rows and, when all are right, makes nodes: those of rows without an id take theirs from {@code ids}. */
    public static Result check(List<SyllabusRow> rows, Supplier<UUID> ids) {
        var draft = new SyllabusDraft(rows);
        draft.findBreaches();
        draft.breaches.sort(Comparator.comparingInt(Breach::line));
        return draft.breaches.isEmpty()
                ? new Result(draft.nodes(ids), List.of())
                : new Result(List.of(), List.copyOf(draft.breaches));
    }

    private void findBreaches() {
        if (rows.isEmpty()) {
            breaches.add(new Breach(
                    0, "The file has no rows below its heading. Add one row for each unit, topic and point."));
            return;
        }
        rows.forEach(this::checkCode);
        rows.forEach(this::checkParent);
        rows.forEach(this::checkCycle);
        rows.forEach(this::checkTexts);
        rows.forEach(this::checkLengths);
        rows.forEach(this::checkValues);
        if (breaches.isEmpty()) {
            checkSums();
        }
    }

    private void checkCode(SyllabusRow row) {
        if (row.code().isBlank()) {
            report(row, "This row has no code. Give it one that no other row has.");
            return;
        }
        var first = byCode.putIfAbsent(row.code(), row);
        if (first != null) {
            report(
                    row,
                    "The code \"%s\" already stands on line %d. Give each row a code of its own.",
                    row.code(),
                    first.line());
        }
    }

    private void checkParent(SyllabusRow row) {
        if (row.parent().isBlank()) {
            if (!row.statement().isBlank()) {
                report(row, "The point \"%s\" has no parent. Name the topic or unit that it stands under.", row.code());
            }
            return;
        }
        var parent = byCode.get(row.parent());
        if (parent == null) {
            report(
                    row,
                    "The parent \"%s\" of \"%s\" is not in the file. Add its row or mend the code.",
                    row.parent(),
                    row.code());
        } else if (!parent.statement().isBlank()) {
            report(
                    row,
                    "\"%s\" stands under \"%s\", which has a statement and so is a point. Only units and topics hold other rows.",
                    row.code(),
                    parent.code());
        }
    }

    private void checkCycle(SyllabusRow row) {
        var seen = new HashSet<String>();
        var at = row;
        while (at != null && seen.add(at.code())) {
            at = byCode.get(at.parent());
        }
        if (at != null && at.code().equals(row.code())) {
            report(
                    row,
                    "\"%s\" stands under itself, by way of \"%s\". Break the circle: give one of them another parent.",
                    row.code(),
                    row.parent());
        } else if (seen.size() > DEEPEST) {
            report(row, "\"%s\" stands more than %s levels deep. Put it higher up.", row.code(), DEEPEST);
        }
    }

    private void checkTexts(SyllabusRow row) {
        if (row.title().isBlank() && row.statement().isBlank()) {
            report(
                    row,
                    "\"%s\" has neither a title nor a statement. Units and topics need a title, points a statement.",
                    row.code());
        }
    }

    private void checkLengths(SyllabusRow row) {
        if (row.code().length() > LONGEST_CODE) {
            report(
                    row,
                    "The code \"%s…\" is longer than %s characters. Shorten it.",
                    row.code().substring(0, LONGEST_CODE),
                    LONGEST_CODE);
        }
        if (row.identifier().length() > LONGEST_IDENTIFIER) {
            report(row, "The identifier of \"%s\" is longer than %s characters.", row.code(), LONGEST_IDENTIFIER);
        }
        if (Stream.of(row.title(), row.statement(), row.note()).anyMatch(text -> text.length() > LONGEST_TEXT)) {
            report(row, "A cell on this line is longer than 1,000 characters. Is a quotation mark missing?");
        }
    }

    private void checkValues(SyllabusRow row) {
        if (weight(row).isEmpty() && !row.weight().isBlank()) {
            report(
                    row,
                    "The weight \"%s\" is not a share from 0 to 100. Write it as a number, such as 6.5.",
                    row.weight());
        }
        if (tier(row).isEmpty()) {
            report(
                    row,
                    "The tier \"%s\" is not known. Write core or extended, or leave it empty for core.",
                    row.tier());
        }
        if (ExamYears.parse(row.years()).isEmpty()) {
            report(
                    row,
                    "The exam years \"%s\" can't be read. Write 2027-2029, 2028- (from then on), -2027 (up to then) or one year.",
                    row.years());
        }
    }

    private void checkSums() {
        checkSum("", "The weights of the units", WHOLE_EXAM_PERCENT, 0);
        rows.stream()
                .filter(row -> weight(row).isPresent())
                .forEach(row -> checkSum(
                        row.code(),
                        "The weights under \"" + row.code() + "\"",
                        weight(row).getAsDouble(),
                        row.line()));
    }

    private void checkSum(String parent, String subject, double whole, int line) {
        var children = byParent.getOrDefault(parent, List.of());
        var given = children.stream()
                .map(this::weight)
                .filter(OptionalDouble::isPresent)
                .toList();
        if (given.isEmpty()) {
            return;
        }
        var sum = given.stream().mapToDouble(OptionalDouble::getAsDouble).sum();
        var allGiven = given.size() == children.size();
        if (allGiven && Math.abs(sum - whole) > TOLERANCE_PERCENT) {
            breaches.add(new Breach(
                    line,
                    "%s sum to %s, not to %s. Mend the weights or leave some empty."
                            .formatted(subject, plain(sum), plain(whole))));
        } else if (sum > whole + TOLERANCE_PERCENT) {
            breaches.add(new Breach(
                    line,
                    "%s sum to %s, more than the %s there is to share.".formatted(subject, plain(sum), plain(whole))));
        }
    }

    private List<SyllabusNode> nodes(Supplier<UUID> ids) {
        var idByCode = new HashMap<String, UUID>();
        rows.forEach(row -> idByCode.put(row.code(), row.id().orElseGet(ids)));
        return rows.stream().map(row -> node(row, idByCode)).toList();
    }

    private SyllabusNode node(SyllabusRow row, Map<String, UUID> idByCode) {
        var isPoint = !row.statement().isBlank();
        return new SyllabusNode(
                idByCode.get(row.code()),
                Optional.ofNullable(idByCode.get(row.parent())),
                isPoint
                        ? SyllabusNode.Kind.POINT
                        : row.parent().isBlank() ? SyllabusNode.Kind.UNIT : SyllabusNode.Kind.TOPIC,
                row.code(),
                isPoint ? row.statement() : row.title(),
                weight(row),
                tier(row).orElseThrow(),
                ExamYears.parse(row.years()).orElseThrow(),
                Optional.of(row.identifier()).filter(identifier -> !identifier.isBlank()),
                row.note(),
                SyllabusNode.Origin.EDITION);
    }

    private OptionalDouble weight(SyllabusRow row) {
        try {
            var weight = Double.parseDouble(row.weight().strip());
            return weight >= 0 && weight <= WHOLE_EXAM_PERCENT ? OptionalDouble.of(weight) : OptionalDouble.empty();
        } catch (NumberFormatException notANumber) {
            return OptionalDouble.empty();
        }
    }

    private static Optional<Tier> tier(SyllabusRow row) {
        return switch (row.tier().strip().toLowerCase(Locale.ROOT)) {
            case "", "core" -> Optional.of(Tier.CORE);
            case "extended" -> Optional.of(Tier.EXTENDED);
            default -> Optional.empty();
        };
    }

    private void report(SyllabusRow row, String message, Object... values) {
        breaches.add(new Breach(row.line(), message.formatted(values)));
    }

    private static String plain(double value) {
        return new BigDecimal(value)
                .setScale(1, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
