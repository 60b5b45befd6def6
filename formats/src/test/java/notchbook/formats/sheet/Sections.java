package notchbook.formats.sheet;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.notebook.Patterns;
import notchbook.core.text.Document;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.formats.sheet.SectionSheet.Attached;
import notchbook.formats.sheet.SectionSheet.Content;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SectionSheet.Typed;
import notchbook.formats.sheet.SectionSheet.Width;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;
import org.junit.jupiter.api.Named;

/** The sections that every form has to stand: with everything, with nothing, very long, in letters of the world. */
public final class Sections {
    private Sections() {}

    public static Stream<Named<SectionSheet>> all() {
        return Stream.of(
                Named.of("everything", Sheets.withEverything()),
                Named.of("empty", of(List.of())),
                Named.of("a page of 300 entries", Sheets.ofEntries(300)),
                Named.of("a set of photos", withASet()),
                Named.of("letters of the world", of(List.of(page("Γλώσσα لغة 语言", typed("Γλώσσα لغة 语言"))))));
    }

    /** Two pages, each with a recording that goes along; the first with a formula and a file too. */
    public static SectionSheet withSound(Path folder) throws IOException {
        var formula = new Typed(new Document(List.of(new FormulaBlock("v = \\frac{s}{t}"))));
        return of(List.of(
                page("Wall", sound(folder, "1 Wall.webm", "sound of Wall"), formula, file(folder)),
                page("Clock", sound(folder, "2 Clock.webm", "sound of Clock"))));
    }

    /** The photos of a set are parts of one entry. */
    private static SectionSheet withASet() {
        var set = UUID.randomUUID();
        var photos = Stream.of("Front", "Back")
                .map(caption ->
                        new Entry(set, Sheets.photo(400, 300, false), caption, Width.HALF, List.of(), Optional.empty()))
                .toList();
        return of(List.of(page("Worksheet", photos)));
    }

    public static SectionSheet saying(String words) {
        return of(List.of(page("Said", typed(words))));
    }

    public static SectionSheet typed(Document document) {
        return of(List.of(page("Typed", new Typed(document))));
    }

    private static SectionSheet of(List<Page> pages) {
        return new SectionSheet("Echoes", "Marlo Quist", "Physics", "version 1", pages, List.of());
    }

    private static Page page(String title, Content... contents) {
        return page(
                title,
                Stream.of(contents)
                        .map(content -> new Entry(
                                UUID.randomUUID(), content, title, Width.FULL, List.of("2.3a"), Optional.empty()))
                        .toList());
    }

    private static Page page(String title, List<Entry> entries) {
        return new Page(
                title,
                LocalDate.of(2026, 11, 24),
                "Week 12",
                List.of(new ZoneOfPage(Patterns.FREE.zones().getFirst(), entries)));
    }

    private static Typed typed(String words) {
        return new Typed(new Document(List.of(new Paragraph(List.of(new Text(words, Set.of()))))));
    }

    private static Attached file(Path folder) throws IOException {
        var place = Files.writeString(folder.resolve("tides.csv"), "day,height");
        return new Attached("tides.csv", 10, Optional.of(new MediaFile("3 tides.csv", "text/csv", place)));
    }

    private static Recording sound(Path folder, String name, String content) throws IOException {
        var place = folder.resolve(name);
        Files.writeString(place, content);
        return new Recording(
                false,
                12,
                new SpokenLines(List.of(new SpokenLine(0, 1_500, "There."), new SpokenLine(1_500, 3_250, "And back."))),
                "https://skerrow.example/versions/7",
                Optional.of(new MediaFile(name, "audio/webm", place)));
    }
}
