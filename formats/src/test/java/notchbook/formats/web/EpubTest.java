package notchbook.formats.web;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.Sections;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class EpubTest {
    @TempDir
    private Path folder;

    static Stream<Named<SectionSheet>> sections() {
        return Sections.all();
    }

    @ParameterizedTest
    @MethodSource("sections")
    void keepsToTheStandard(SectionSheet sheet) throws IOException {
        var book = folder.resolve("book.epub");
        Files.write(book, written(sheet));
        assertThat(EpubFindings.of(book)).isEmpty();
    }

    @Test
    void keepsToTheStandardWithSoundsOfOtherKindsAndFiles() throws IOException {
        var book = folder.resolve("book.epub");
        Files.write(book, written(Sections.withSound(folder)));
        assertThat(EpubFindings.of(book)).isEmpty();
    }

    @Test
    void holdsSoundsAndFormulas() throws IOException {
        var parts = Zips.read(written(Sections.withSound(folder)));
        assertThat(parts.keySet()).first().isEqualTo("mimetype");
        assertThat(new String(parts.get("book/media/001-1-Wall.ogg"), UTF_8)).isEqualTo("sound of Wall");
        assertThat(parts.keySet()).noneMatch(path -> path.endsWith(".csv"));
        assertThat(new String(parts.get("book/page-001.xhtml"), UTF_8))
                .contains(
                        "tides.csv",
                        "<audio controls=\"controls\"",
                        "src=\"media/001-1-Wall.ogg\"",
                        "<math",
                        "alttext=\"v = \\frac{s}{t}\"");
    }

    @Test
    void lightsEachLineWhileItIsHeard() throws IOException {
        var parts = Zips.read(written(Sections.withSound(folder)));
        var chapter = Jsoup.parse(new String(parts.get("book/page-001.xhtml"), UTF_8));
        var overlay = Jsoup.parse(new String(parts.get("book/page-001.smil"), UTF_8), Parser.xmlParser());
        var heard = overlay.select("par").stream()
                .map(par ->
                        chapter.selectFirst(par.selectFirst("text").attr("src").replaceAll("^[^#]*", ""))
                                        .text()
                                + " " + par.selectFirst("audio").attr("src")
                                + " " + par.selectFirst("audio").attr("clipBegin")
                                + " " + par.selectFirst("audio").attr("clipEnd"));
        assertThat(heard)
                .containsExactly(
                        "There. media/001-1-Wall.ogg 0:00:00.000 0:00:01.500",
                        "And back. media/001-1-Wall.ogg 0:00:01.500 0:00:03.250");
        assertThat(new String(parts.get("book/book.opf"), UTF_8))
                .contains(
                        "media-overlay=\"said-1\"",
                        "<meta property=\"media:duration\" refines=\"#said-2\">0:00:03.250</meta>",
                        "<meta property=\"media:duration\">0:00:06.500</meta>");
    }

    @ParameterizedTest
    @CsvSource({"0,0:00:00.000", "61_005,0:01:01.005", "7_322_040,2:02:02.040"})
    void saysTimesAsBooksDo(String millis, String clock) {
        assertThat(Overlay.clock(Long.parseLong(millis.replace("_", "")))).isEqualTo(clock);
    }

    /** Says what a sound is without changing it. */
    private static Optional<MediaFile> asOpus(MediaFile sound) {
        return Optional.of(new MediaFile(sound.name().replace(".webm", ".ogg"), Epub.OPUS, sound.place()));
    }

    private static byte[] written(SectionSheet sheet) throws IOException {
        var out = new ByteArrayOutputStream();
        var edition = new Epub.Edition(UUID.randomUUID(), Instant.parse("2026-11-24T10:00:00Z"));
        Epub.write(sheet, edition, EpubTest::asOpus, out);
        return out.toByteArray();
    }
}
