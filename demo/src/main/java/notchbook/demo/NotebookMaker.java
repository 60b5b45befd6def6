package notchbook.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.stream.Stream;
import notchbook.app.notebook.Entries;
import notchbook.app.notebook.Entry;
import notchbook.app.notebook.EntryKind;
import notchbook.app.notebook.EntryPlace;
import notchbook.app.notebook.EntryWidth;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Section;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Thing;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.scan.PhotoSetJson;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Makes a student's notebook from an outline, as the student would have: each entry on its day, by the same services. */
@Component
class NotebookMaker {
    private static final int FIRST_LESSON_HOUR = 9;
    private static final int EXAM_YEAR = 2028;

    private final Notebooks notebooks;
    private final Sections sections;
    private final Pages pages;
    private final Entries entries;
    private final MediaMaker files;
    private final ScanMaker scans;
    private final Syllabi syllabi;
    private final MarkMaker marks;
    private final DemoClock clock;
    private final JsonMapper mapper;
    private final Map<String, byte[]> made = new HashMap<>();

    NotebookMaker(
            Notebooks notebooks,
            Sections sections,
            Pages pages,
            Entries entries,
            MediaMaker files,
            ScanMaker scans,
            Syllabi syllabi,
            MarkMaker marks,
            DemoClock clock,
            JsonMapper mapper) {
        this.marks = marks;
        this.notebooks = notebooks;
        this.sections = sections;
        this.pages = pages;
        this.entries = entries;
        this.files = files;
        this.scans = scans;
        this.syllabi = syllabi;
        this.clock = clock;
        this.mapper = mapper;
    }

    /** A notebook on the way, with the ids of its syllabus lines and sections by code. */
    record Book(Person owner, Notebook notebook, Map<String, UUID> nodes, Map<String, UUID> sections) {}

    Book begin(Person owner, SchoolClass schoolClass, EditionInfo edition, String title, LocalDate examDay) {
        var notebook = notebooks.make(
                owner,
                new Notebooks.NewNotebook(
                        UUID.randomUUID(),
                        title,
                        edition.id(),
                        new ExamChoice(EXAM_YEAR, Tier.EXTENDED),
                        Optional.of(examDay),
                        Optional.of(schoolClass.id())));
        sections.makeForUnits(owner, notebook.id());
        var nodes = new HashMap<String, UUID>();
        var codes = new HashMap<UUID, String>();
        syllabi.edition(edition.id()).nodes().forEach(node -> {
            nodes.put(node.code(), node.id());
            codes.put(node.id(), node.code());
        });
        var byCode = new HashMap<String, UUID>();
        for (Section section : notebooks.sections(notebook)) {
            section.topics().forEach(topic -> byCode.put(codes.get(topic), section.id()));
        }
        return new Book(owner, notebook, nodes, byCode);
    }

    /** Writes those pages of an outline that {@code which} takes; a seed other than 0 leaves out sentences here and there. */
    void write(
            Book book,
            Outline outline,
            Function<Outline.Page, LocalDate> dayOf,
            Predicate<Outline.Page> which,
            long seed) {
        var random = new Random(seed);
        for (var page : outline.pages()) {
            if (which.test(page)) {
                write(book, page, dayOf.apply(page), seed == 0 ? Optional.empty() : Optional.of(random));
            }
        }
    }

    /** A past day of the demo year, or today. */
    LocalDate pastOrToday(LocalDate day) {
        clock.release();
        var today = LocalDate.now(clock);
        return day.isBefore(today) ? day : today;
    }

    private void write(Book book, Outline.Page outline, LocalDate planned, Optional<Random> random) {
        var day = pastOrToday(planned);
        clock.holdAt(day, LocalTime.of(FIRST_LESSON_HOUR, 0));
        var page = pages.make(
                book.owner(),
                book.sections().get(outline.topic()),
                UUID.randomUUID(),
                outline.title(),
                Optional.of(day),
                outline.pattern());
        pages.putOn(book.owner(), page.id(), outline.paper());
        var passages = new HashMap<Integer, UUID>();
        IntFunction<UUID> passageOf = number -> passages.computeIfAbsent(number, key -> UUID.randomUUID());
        for (var i = 0; i < outline.entries().size(); i++) {
            clock.holdAt(day, LocalTime.of(FIRST_LESSON_HOUR, 0).plusMinutes(4 * i + 5));
            write(book, page, outline.entries().get(i), passageOf, random);
        }
    }

    private void write(
            Book book, Page page, Outline.Entry entry, IntFunction<UUID> passageOf, Optional<Random> random) {
        var id = UUID.randomUUID();
        var prose = new Prose(passageOf);
        var kept = entries.keep(
                book.owner(),
                new Entries.Change(
                        id,
                        0,
                        new EntryPlace(
                                page.id(),
                                entry.zone().orElse(page.pattern().home().key()),
                                entry.beside().map(passageOf::apply),
                                entry.isHalf() ? EntryWidth.HALF : EntryWidth.FULL),
                        kind(entry),
                        content(book.owner(), entry, prose, random),
                        file(book.owner(), entry, random),
                        entry.caption(),
                        Optional.empty(),
                        Optional.of(clock.instant()),
                        ""));
        entry.codes().forEach(code -> entries.cut(book.owner(), id, book.nodes().get(code)));
        prose.signs().forEach(sign -> marks.set(book.owner(), id, page.day(), sign));
        if (kept.kind() == EntryKind.PHOTO) {
            asked(kept).forEach(spot -> marks.set(book.owner(), id, page.day(), new Prose.Sign(spot, "Q", "")));
        }
    }

    /** The spots that ask something. */
    private static Stream<UUID> asked(Entry entry) {
        return entry.photoPages().stream()
                .flatMap(page -> page.layer().stream())
                .flatMap(Layer::spots)
                .filter(spot -> spot.words().endsWith("?"))
                .map(Thing.Spot::id);
    }

    private static EntryKind kind(Outline.Entry entry) {
        return switch (entry.kind()) {
            case 't' -> EntryKind.TYPED;
            case 'h' -> EntryKind.INK;
            case 'p', 's' -> EntryKind.PHOTO;
            case 'f' -> EntryKind.FILE;
            case 'l' -> EntryKind.LINK;
            default -> EntryKind.RECORDING;
        };
    }

    private JsonNode content(Person owner, Outline.Entry entry, Prose prose, Optional<Random> random) {
        if (entry.kind() == 's') {
            return mapper.readTree(PhotoSetJson.write(scans.set(owner, entry.lines())));
        }
        return switch (kind(entry)) {
            case TYPED ->
                mapper.readTree(DocumentJson.write(prose.document(
                        random.map(some -> thinned(entry.lines(), some)).orElse(entry.lines()))));
            case INK ->
                mapper.readTree(DrawingJson.write(Sketches.of(
                        entry.subject(), random.map(Random::nextLong).orElse(1L))));
            case PHOTO, RECORDING -> mapper.createObjectNode();
            case FILE -> mapper.createObjectNode().put("name", entry.lines().getFirst());
            case LINK -> mapper.createObjectNode().put("address", entry.lines().getFirst());
        };
    }

    private static List<String> thinned(List<String> lines, Random random) {
        return lines.stream()
                .map(line -> {
                    var sentences = line.split("(?<=\\.) ");
                    return sentences.length > 1 && random.nextInt(3) == 0
                            ? line.substring(0, line.length() - sentences[sentences.length - 1].length())
                                    .strip()
                            : line;
                })
                .toList();
    }

    private Optional<UUID> file(Person owner, Outline.Entry entry, Optional<Random> random) {
        if (entry.kind() == 's') {
            return Optional.empty();
        }
        return switch (kind(entry)) {
            case PHOTO -> {
                var seed = random.map(some -> some.nextInt(2) + 2).orElse(1);
                yield Optional.of(files.keep(
                        owner,
                        "photo-" + entry.subject() + ".jpg",
                        made.computeIfAbsent(entry.subject() + seed, key -> Photographs.jpeg(entry.subject(), seed))));
            }
            case RECORDING ->
                Optional.of(files.keep(
                        owner,
                        "recording-" + entry.subject() + ".wav",
                        made.computeIfAbsent(
                                entry.maker() + entry.subject(), key -> Sounds.wav(entry.maker(), entry.subject()))));
            case FILE -> {
                var name = entry.lines().getFirst();
                yield Optional.of(files.keep(owner, name, made.computeIfAbsent(name, Papers::file)));
            }
            case TYPED, INK, LINK -> Optional.empty();
        };
    }
}
