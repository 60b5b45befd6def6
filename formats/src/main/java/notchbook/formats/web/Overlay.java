package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.core.voice.SpokenLine;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SheetMedia;

/**
 * Which words of a chapter are said when, in the sounds that stand in it (EPUB 3.3, media overlays): a reader of books lights each
 * line as it is heard.
 */
record Overlay(String chapter, List<Said> lines) {
    private static final String SMIL = """
            <?xml version="1.0" encoding="UTF-8"?>
            <smil xmlns="http://www.w3.org/ns/SMIL" xmlns:epub="http://www.idpf.org/2007/ops" version="3.0"><body>
            <seq id="said" epub:textref="%s" epub:type="bodymatter">%s</seq></body></smil>
            """;

    /** A line by the id that it has in its chapter, and the sound that it is heard in. */
    record Said(String id, String sound, SpokenLine line) {}

    /** That of a page which is the chapter of this name; none where nothing is said in it. */
    static Optional<Overlay> of(Page page, String chapter, SheetMedia media) {
        var lines = page.zones().stream()
                .flatMap(zone -> zone.entries().stream())
                .flatMap(entry -> said(entry, media))
                .toList();
        return lines.isEmpty() ? Optional.empty() : Optional.of(new Overlay(chapter, lines));
    }

    /** The id of a line of a recording in the page that it stands on. */
    static String idOf(UUID recording, int line) {
        return "said-" + recording + "-" + line;
    }

    /** A clip plays in its place; only sounds are heard by the line. */
    private static Stream<Said> said(Entry entry, SheetMedia media) {
        if (!(entry.content() instanceof Recording recording) || recording.isClip()) {
            return Stream.empty();
        }
        var lines = recording.lines().all();
        return recording.file().flatMap(media::file).stream().flatMap(sound -> IntStream.range(0, lines.size())
                .mapToObj(at -> new Said(idOf(entry.id(), at), sound, lines.get(at)))
                .filter(said -> said.line().fromMillis() < said.line().toMillis()));
    }

    String smil() {
        return SMIL.formatted(
                chapter,
                IntStream.range(0, lines.size())
                        .mapToObj(at -> both(at, lines.get(at)))
                        .collect(joining("\n")));
    }

    private String both(int at, Said said) {
        return "<par id=\"line-%d\"><text src=\"%s#%s\"/><audio src=\"%s\" clipBegin=\"%s\" clipEnd=\"%s\"/></par>"
                .formatted(
                        at + 1,
                        chapter,
                        said.id(),
                        escaped(said.sound()),
                        clock(said.line().fromMillis()),
                        clock(said.line().toMillis()));
    }

    /** How long it takes to hear all of it, in ms. */
    long millis() {
        return lines.stream()
                .mapToLong(said -> said.line().toMillis() - said.line().fromMillis())
                .sum();
    }

    /** A time as books say it (SMIL 3.0, clock values). */
    static String clock(long millis) {
        return "%d:%02d:%02d.%03d"
                .formatted(millis / 3_600_000, millis / 60_000 % 60, millis / 1_000 % 60, millis % 1_000);
    }
}
