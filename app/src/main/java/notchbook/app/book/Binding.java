package notchbook.app.book;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.coverage.Coverages;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryWidth;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.entry.PageText;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.book.BookLack;
import notchbook.core.book.BookPage;
import notchbook.core.book.BookPiece;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.growth.Change;
import notchbook.core.growth.Growth;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Patterns;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Table;
import org.springframework.stereotype.Component;

/** Binds a book as it is now: pieces as they stand in their notebooks, words as text, figures from the core. */
@Component
public class Binding {
    private final Books books;
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final Coverages coverages;
    private final SchoolClock clock;

    Binding(Books books, Notebooks notebooks, NotebookEntries entries, Coverages coverages, SchoolClock clock) {
        this.books = books;
        this.notebooks = notebooks;
        this.entries = entries;
        this.coverages = coverages;
        this.clock = clock;
    }

    /** A book of the reader's own, without the pages that are left out. */
    public Bound bind(Person reader, UUID id) {
        var book = books.require(reader, id);
        var pages = books.pages(reader, id);
        var around = around(reader, pages);
        return new Bound(
                book.title(),
                books.notebooks(reader, pages),
                pages.stream()
                        .filter(page -> !page.leftOut())
                        .map(page -> sheet(page, around))
                        .toList(),
                BookLack.of(pages, around));
    }

    /** What is still missing in a book. */
    List<BookLack> lacks(Person reader, List<BookPage> pages) {
        return BookLack.of(pages, around(reader, pages));
    }

    /** The pieces that a book shows, and the figures of its notebooks. */
    private record Around(Map<UUID, Entry> pieces, Map<UUID, List<Change>> figures) implements BookLack.Around {
        @Override
        public Optional<String> nameOf(UUID entry) {
            return Optional.ofNullable(pieces.get(entry)).map(Entry::name);
        }

        @Override
        public Set<UUID> withFigures() {
            return figures.entrySet().stream()
                    .filter(one -> !one.getValue().isEmpty())
                    .map(Map.Entry::getKey)
                    .collect(toSet());
        }
    }

    private Around around(Person reader, List<BookPage> pages) {
        var shown = pages.stream().flatMap(BookPage::shown).collect(toSet());
        var own = notebooks.of(reader).stream().map(Notebook::id).toList();
        return new Around(
                entries.among(own, shown).stream().collect(toMap(Entry::id, identity())),
                books.notebooks(reader, pages).stream()
                        .collect(toMap(Notebook::id, notebook -> figures(coverages.input(notebook)))));
    }

    /** From the first day on which something was made for the syllabus until today. */
    private static List<Change> figures(CoverageInput input) {
        var topics = input.edition().topics().map(SyllabusNode::id).collect(toSet());
        return firstDay(input)
                .map(first -> Growth.in(input, topics).over(first, input.today()))
                .orElse(List.of());
    }

    private static Optional<LocalDate> firstDay(CoverageInput input) {
        return input.evidence().stream().map(Evidence::day).min(LocalDate::compareTo);
    }

    private Bound.Sheet sheet(BookPage page, Around around) {
        var text = new PageText(page.id());
        var shown =
                switch (page.part().kind()) {
                    case SUBJECT -> page.pieces().stream().flatMap(piece -> piece(text, piece, around));
                    case WORDS -> Stream.of(text.of("words", PageText.paragraphs(page.words())));
                    case FIGURES ->
                        Stream.of(text.of(
                                "figures",
                                List.of(table(around.figures()
                                        .getOrDefault(page.notebook().orElseThrow(), List.of())))));
                };
        return new Bound.Sheet(
                new Page(page.id(), page.id(), page.part().heading(), clock.today(), 0, Patterns.FREE, Paper.PLAIN),
                shown.filter(entry -> !entry.isEmpty()).toList());
    }

    /** A piece under its name: what it shows, the piece itself or the two of then and now, and why it is here. */
    private static Stream<Entry> piece(PageText text, BookPiece piece, Around around) {
        var found = Optional.ofNullable(around.pieces().get(piece.entry()));
        var beside =
                piece.beside().flatMap(id -> Optional.ofNullable(around.pieces().get(id)));
        if (found.isEmpty()) {
            return Stream.empty();
        }
        var head = new ArrayList<Block>();
        head.add(PageText.heading(found.get().name()));
        head.addAll(PageText.paragraphs(piece.shows()));
        return Stream.of(
                        Stream.of(text.of("shows " + piece.entry(), head)),
                        beside.map(one -> one.apart(EntryWidth.HALF)).stream(),
                        Stream.of(found.get().apart(beside.isPresent() ? EntryWidth.HALF : EntryWidth.FULL)),
                        Stream.of(text.of("why " + piece.entry(), PageText.paragraphs(piece.why()))))
                .flatMap(some -> some);
    }

    private static Table table(List<Change> figures) {
        var rows = new ArrayList<List<Cell>>();
        rows.add(List.of(cell(true, ""), cell(true, "Then"), cell(true, "Now")));
        figures.forEach(figure -> rows.add(List.of(
                cell(true, figure.what()),
                cell(false, figure.earlier().orElse("–")),
                cell(false, figure.later().orElse("–")))));
        return new Table(rows);
    }

    private static Cell cell(boolean isHeader, String words) {
        return new Cell(isHeader, 1, 1, List.of(new Paragraph(words.isEmpty() ? List.of() : PageText.words(words))));
    }
}
