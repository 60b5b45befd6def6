package notchbook.core.version;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.text.Document;
import notchbook.core.version.Version.Entry;
import notchbook.core.version.Version.Matter;

/** Versions for tests; entries and pages are known by single letters. */
public final class Versions {
    private Versions() {}

    public static UUID id(char letter) {
        return new UUID(0, letter);
    }

    /** One page for each text; "ab|c" is a page with the entries a and b, and a foot with c. */
    public static Version laidOut(String... pages) {
        return new Version(IntStream.range(0, pages.length)
                .mapToObj(i -> page((char) ('1' + i), pages[i]))
                .toList());
    }

    public static Version.Page page(char name, String letters) {
        var zones = letters.split("\\|");
        return new Version.Page(
                id(name),
                IntStream.range(0, zones.length)
                        .boxed()
                        .flatMap(zone ->
                                zones[zone].chars().mapToObj(letter -> entry((char) letter, "" + zone, text("same"))))
                        .toList());
    }

    public static Version holding(Entry... entries) {
        return new Version(List.of(new Version.Page(id('1'), List.of(entries))));
    }

    public static Entry entry(char letter, String zone, Matter matter) {
        return new Entry(id(letter), zone, "", matter);
    }

    public static Entry entry(Matter matter) {
        return entry('e', "", matter);
    }

    public static Version.Text text(String... lines) {
        return new Version.Text(new Document(Arrays.stream(lines)
                .<Document.Block>map(
                        line -> new Document.Paragraph(List.of(new Document.Text(line, java.util.Set.of()))))
                .toList()));
    }

    /** A drawing with a short stroke at each of these heights. */
    public static Version.Ink ink(int... heights) {
        return new Version.Ink(new Drawing(
                640, 400, Arrays.stream(heights).mapToObj(Versions::stroke).toList()));
    }

    public static Stroke stroke(int y) {
        return new Stroke(
                Stroke.Tool.PEN, "#17262D", 2, List.of(new InkPoint(0, y, 0.5, 0, 0), new InkPoint(9, y, 0.5, 9, 0)));
    }

    public static Version.Pictures pictures(String... digests) {
        return new Version.Pictures(Arrays.stream(digests)
                .map(digest -> new Version.Picture(digest, Optional.empty()))
                .toList());
    }
}
