package notchbook.formats.word;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.Attached;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Ink;
import notchbook.formats.sheet.SectionSheet.Link;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SectionSheet.Reflection;
import notchbook.formats.sheet.SectionSheet.Typed;
import org.apache.poi.xwpf.usermodel.XWPFDocument;

/**
 * The words of a section as a file for word processors: typed text with its headings, lists and tables, and where a picture, a
 * drawing, a sound or a file stood, what it was called.
 */
public final class WordFile {
    private final Paper paper;
    private final TypedWords typed;

    private WordFile(Paper paper) {
        this.paper = paper;
        this.typed = new TypedWords(paper);
    }

    public static void write(SectionSheet sheet, OutputStream out) throws IOException {
        try (var document = new XWPFDocument()) {
            var properties = document.getProperties().getCoreProperties();
            properties.setTitle(sheet.title());
            properties.setCreator(sheet.student());
            new WordFile(Paper.of(document)).add(sheet);
            document.write(out);
        }
    }

    private void add(SectionSheet sheet) {
        paper.line("Title", sheet.title());
        paper.line("Beside", sheet.from());
        sheet.pages().forEach(this::add);
        sheet.reflections().forEach(this::add);
    }

    private void add(Page page) {
        paper.line("Heading1", page.title());
        paper.line("Beside", page.when());
        page.zones().forEach(zone -> {
            if (page.zones().size() > 1) {
                paper.line("Heading2", zone.zone().title());
            }
            zone.entries().forEach(this::add);
        });
    }

    private void add(Reflection reflection) {
        paper.line("Heading1", reflection.title());
        if (!reflection.chosen().isEmpty()) {
            paper.line("Beside", "Looks back on: " + String.join(" · ", reflection.chosen()));
        }
        reflection.answers().forEach(answer -> {
            paper.line("Heading2", answer.question());
            lines("Normal", answer.text());
        });
    }

    private void add(Entry entry) {
        switch (entry.content()) {
            case Typed words -> typed.add(words.document());
            case Ink ignored -> elsewhere("Drawing", entry.caption());
            case Photo photo -> {
                elsewhere("Photo", entry.caption());
                photo.written().ifPresent(layer -> lines("Normal", layer.words()));
            }
            case Recording recording -> {
                elsewhere((recording.isClip() ? "Clip" : "Recording") + ", " + recording.length(), entry.caption());
                lines("Quote", recording.words());
            }
            case Attached file -> elsewhere("File", file.name());
            case Link link -> {
                paper.link(link.title().isBlank() ? link.address() : link.title(), link.address());
                lines("Beside", link.description());
            }
        }
        lines("Beside", beside(entry));
    }

    /** What stays out says what it is. */
    private void elsewhere(String what, String named) {
        paper.line("Normal", "[%s]".formatted(named.isBlank() ? what : what + ": " + named));
    }

    /** The caption of what shows it nowhere else, and its codes. */
    private static String beside(Entry entry) {
        var codes = String.join(" ", entry.codes());
        var isNamed = entry.content() instanceof Typed || entry.content() instanceof Link;
        return (isNamed ? List.of(entry.caption(), codes) : List.of(codes))
                .stream()
                        .filter(words -> !words.isBlank())
                        .reduce((one, other) -> one + " · " + other)
                        .orElse("");
    }

    private void lines(String style, String words) {
        words.lines().filter(line -> !line.isBlank()).forEach(line -> paper.line(style, line));
    }
}
