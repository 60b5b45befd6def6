package notchbook.demo;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.stream.Stream;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryPlace;
import notchbook.app.entry.EntryWidth;
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
import notchbook.core.ink.Drawing;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Thing;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;
import notchbook.core.voice.Take;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.scan.PhotoSetJson;
import notchbook.formats.voice.TakeJson;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Makes a student's notebook from an outline, as the student would have: each entry on its day, by the same services. */
@Component
class NotebookMaker {
    private static final Duration ENTRIES_APART = Duration.ofMinutes(4);

    /** The moment whose picture stands for a clip. */
    private static final long POSTER_MILLIS = 2_000;

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
                        Optional.of(edition.id()),
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
        var last = Optional.<UUID>empty();
        for (var i = 0; i < outline.entries().size(); i++) {
            clock.holdAt(day, LocalTime.of(FIRST_LESSON_HOUR, 5).plus(ENTRIES_APART.multipliedBy(i)));
            var next = i + 1 < outline.entries().size()
                    ? Optional.of(outline.entries().get(i + 1))
                    : Optional.<Outline.Entry>empty();
            last = write(book, page, new Written(outline.entries().get(i), next, last), passageOf, random);
        }
    }

    /** An entry between the one that explains it, if one does, and the one before it. */
    private record Written(Outline.Entry entry, Optional<Outline.Entry> next, Optional<UUID> last) {
        Optional<Outline.Entry> explanation() {
            return next.filter(Outline.Entry::isAboutLast);
        }

        Optional<UUID> about() {
            return last.filter(any -> entry.isAboutLast());
        }
    }

    private Optional<UUID> write(
            Book book, Page page, Written written, IntFunction<UUID> passageOf, Optional<Random> random) {
        var entry = written.entry();
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
                        content(book.owner(), written, prose, random),
                        file(book.owner(), entry, random),
                        entry.caption(),
                        Optional.empty(),
                        Optional.of(clock.instant()),
                        "",
                        Optional.empty()));
        entry.codes().forEach(code -> entries.cut(book.owner(), id, book.nodes().get(code)));
        prose.signs().forEach(sign -> marks.set(book.owner(), id, page.day(), sign));
        if (kept.kind() == EntryKind.PHOTO) {
            asked(kept).forEach(spot -> marks.set(book.owner(), id, page.day(), new Prose.Sign(spot, "Q", "")));
        }
        return Optional.of(id);
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
            case 'c' -> EntryKind.CLIP;
            case 'f' -> EntryKind.FILE;
            case 'l' -> EntryKind.LINK;
            default -> EntryKind.RECORDING;
        };
    }

    private JsonNode content(Person owner, Written written, Prose prose, Optional<Random> random) {
        var entry = written.entry();
        if (entry.kind() == 's') {
            return mapper.readTree(PhotoSetJson.write(scans.set(owner, entry.lines())));
        }
        return switch (kind(entry)) {
            case TYPED ->
                mapper.readTree(DocumentJson.write(prose.document(
                        random.map(some -> thinned(entry.lines(), some)).orElse(entry.lines()))));
            case INK ->
                mapper.readTree(DrawingJson.write(drawing(
                        Sketches.of(
                                entry.subject(), random.map(Random::nextLong).orElse(1L)),
                        written.explanation())));
            case PHOTO -> mapper.createObjectNode();
            case RECORDING, CLIP -> mapper.readTree(TakeJson.write(take(written)));
            case FILE -> mapper.createObjectNode().put("name", entry.lines().getFirst());
            case LINK -> mapper.createObjectNode().put("address", entry.lines().getFirst());
            case VIEW -> throw new IllegalStateException("An outline has no views.");
        };
    }

    /** A drawing, as it was drawn while it was explained. */
    private Drawing drawing(Drawing drawing, Optional<Outline.Entry> explanation) {
        return explanation
                .map(talk -> Takes.drawnDuring(drawing, clock.millis(), Sounds.millis(sound(talk))))
                .orElse(drawing);
    }

    private Take take(Written written) {
        var entry = written.entry();
        var isClip = entry.kind() == 'c';
        // What explains a drawing began when the drawing did: one step of the clock before.
        var startedAt = clock.millis() - (entry.isAboutLast() ? ENTRIES_APART.toMillis() : 0);
        return Takes.of(
                Sounds.words(entry.maker(), entry.subject()),
                startedAt,
                Sounds.millis(sound(entry)),
                written.about(),
                isClip ? OptionalLong.of(POSTER_MILLIS) : OptionalLong.empty());
    }

    private byte[] sound(Outline.Entry entry) {
        var maker = entry.maker().equals("film") ? "voice" : entry.maker();
        return made.computeIfAbsent(maker + entry.subject(), key -> Sounds.wav(maker, entry.subject()));
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
                // Who did a practical together took its photo together: all classmates have the same one.
                var seed = random.isPresent() ? 2 : 1;
                yield Optional.of(files.keep(
                        owner,
                        "photo-" + entry.subject() + ".jpg",
                        made.computeIfAbsent(entry.subject() + seed, key -> Photographs.jpeg(entry.subject(), seed))));
            }
            case RECORDING -> Optional.of(files.keep(owner, "recording-" + entry.subject() + ".wav", sound(entry)));
            case CLIP ->
                Optional.of(files.keep(
                        owner,
                        "clip-" + entry.subject() + ".webm",
                        made.computeIfAbsent("clip" + entry.subject(), key -> Films.webm(entry.subject()))));
            case FILE -> {
                var name = entry.lines().getFirst();
                yield Optional.of(files.keep(owner, name, made.computeIfAbsent(name, Papers::file)));
            }
            case TYPED, INK, LINK, VIEW -> Optional.empty();
        };
    }
}
