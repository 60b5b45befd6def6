package notchbook.formats.paper;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import notchbook.core.paper.PaperDone;
import notchbook.core.paper.PaperName;
import notchbook.core.paper.PastPaper;
import notchbook.core.paper.QuestionMark;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.csv.CsvWriter;

/**
 * Past papers as CSV: a row for each paper, or one for each of its questions or topics with the paper's own columns said
 * again. Days are written as 2026-11-03; topics by their codes.
 */
public final class PaperCsv {
    private static final List<String> HEADINGS = List.of(
            "year",
            "sitting",
            "variant",
            "paper",
            "done on",
            "marks",
            "out of",
            "minutes",
            "question",
            "topic",
            "question marks",
            "question out of");

    private final Edition edition;
    private final CsvFile file;
    private final Map<String, Integer> places = new HashMap<>();
    private final List<Breach> breaches = new ArrayList<>();

    private PaperCsv(CsvFile file, Edition edition) {
        this.file = file;
        this.edition = edition;
        for (var place = 0; place < file.headings().size(); place++) {
            places.putIfAbsent(file.headings().get(place).toLowerCase(Locale.ROOT), place);
        }
    }

    /** What came of a file: its papers, with ids yet to be given, or every breach with its line. */
    public record Read(Map<PaperName, Optional<PaperDone>> papers, List<Breach> breaches) {}

    /** Reads a file whole; topics are found by code in {@code edition}. */
    public static Read read(CsvFile file, Edition edition) {
        return new PaperCsv(file, edition).read();
    }

    public static byte[] write(List<PastPaper> papers, Edition edition) {
        return CsvWriter.write(
                HEADINGS, papers.stream().flatMap(paper -> rows(paper, edition)).toList());
    }

    private Read read() {
        if (!places.containsKey("year") && !places.containsKey("paper")) {
            breaches.add(new Breach(
                    1, "The heading names neither year nor paper. Its columns are: " + String.join(", ", HEADINGS)));
            return new Read(Map.of(), breaches);
        }
        var rows = new LinkedHashMap<PaperName, List<CsvFile.Row>>();
        file.rows().forEach(row -> attempt(row, this::name)
                .ifPresent(name ->
                        rows.computeIfAbsent(name, one -> new ArrayList<>()).add(row)));
        var papers = new LinkedHashMap<PaperName, Optional<PaperDone>>();
        rows.forEach(
                (name, own) -> attempt(own.getFirst(), row -> done(own)).ifPresent(done -> papers.put(name, done)));
        return breaches.isEmpty() ? new Read(papers, List.of()) : new Read(Map.of(), List.copyOf(breaches));
    }

    private PaperName name(CsvFile.Row row) {
        return new PaperName(whole(row, "year"), cell(row, "sitting"), cell(row, "variant"), cell(row, "paper"));
    }

    private Optional<PaperDone> done(List<CsvFile.Row> rows) {
        var first = rows.getFirst();
        if (cell(first, "done on").isEmpty()) {
            return Optional.empty();
        }
        var parts = rows.stream()
                .filter(row -> !cell(row, "topic").isEmpty())
                .flatMap(row -> attempt(row, this::part).stream())
                .toList();
        return Optional.of(new PaperDone(
                day(first), number(first, "marks"), number(first, "out of"), whole(first, "minutes"), parts));
    }

    private QuestionMark part(CsvFile.Row row) {
        var code = cell(row, "topic");
        var topic = edition.nodes()
                .filter(node -> node.code().equals(code) && !node.isPoint())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The syllabus has no topic \"%s\". Write its code as it stands there.".formatted(code)));
        return new QuestionMark(
                cell(row, "question"),
                topic.id(),
                number(row, "question marks").orElse(Double.NaN),
                number(row, "question out of").orElse(Double.NaN));
    }

    private LocalDate day(CsvFile.Row row) {
        var text = cell(row, "done on");
        try {
            return LocalDate.parse(text);
        } catch (DateTimeException odd) {
            throw new IllegalArgumentException(
                    "The day \"%s\" can't be read. Write it as 2026-11-03.".formatted(text), odd);
        }
    }

    private OptionalDouble number(CsvFile.Row row, String column) {
        var text = cell(row, column).replace(',', '.');
        try {
            return text.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(text));
        } catch (NumberFormatException odd) {
            throw new IllegalArgumentException("\"%s\" under \"%s\" is no number.".formatted(text, column), odd);
        }
    }

    private Optional<Integer> whole(CsvFile.Row row, String column) {
        var number = number(row, column);
        return number.isPresent() ? Optional.of((int) number.getAsDouble()) : Optional.empty();
    }

    private String cell(CsvFile.Row row, String column) {
        return Optional.ofNullable(places.get(column)).map(row::cell).orElse("");
    }

    /** What a row says, or its breach on the list. */
    private <T> Optional<T> attempt(CsvFile.Row row, Function<CsvFile.Row, T> reading) {
        try {
            return Optional.of(reading.apply(row));
        } catch (IllegalArgumentException breach) {
            breaches.add(new Breach(row.line(), breach.getMessage()));
            return Optional.empty();
        }
    }

    private static Stream<List<String>> rows(PastPaper paper, Edition edition) {
        var parts = paper.done().map(PaperDone::parts).orElse(List.of());
        return parts.isEmpty()
                ? Stream.of(row(paper, List.of("", "", "", "")))
                : parts.stream()
                        .map(part -> row(
                                paper,
                                List.of(
                                        part.question(),
                                        code(part.topic(), edition),
                                        plain(OptionalDouble.of(part.marks())),
                                        plain(OptionalDouble.of(part.outOf())))));
    }

    private static List<String> row(PastPaper paper, List<String> part) {
        var name = paper.name();
        var done = paper.done();
        return Stream.concat(
                        Stream.of(
                                name.year().map(String::valueOf).orElse(""),
                                name.sitting(),
                                name.variant(),
                                name.paper(),
                                done.map(one -> one.day().toString()).orElse(""),
                                plain(done.map(PaperDone::marks).orElse(OptionalDouble.empty())),
                                plain(done.map(PaperDone::outOf).orElse(OptionalDouble.empty())),
                                done.flatMap(PaperDone::minutes)
                                        .map(String::valueOf)
                                        .orElse("")),
                        part.stream())
                .toList();
    }

    private static String code(UUID topic, Edition edition) {
        return edition.find(topic).map(SyllabusNode::code).orElse("");
    }

    private static String plain(OptionalDouble value) {
        if (value.isEmpty()) {
            return "";
        }
        var number = value.getAsDouble();
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }
}
