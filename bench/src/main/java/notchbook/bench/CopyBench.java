package notchbook.bench;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import notchbook.core.notebook.Patterns;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfWish;
import notchbook.formats.pdf.SectionPdf;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.Content;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Typed;
import notchbook.formats.sheet.SectionSheet.Width;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;
import notchbook.formats.web.Epub;
import notchbook.formats.web.WebFolder;

/** How long the copies of a section of 40 pages with 60 photos take, beside the bare libraries on the same pages. */
final class CopyBench {
    private static final int PAGES = 40;
    private static final int PHOTOS = 60;
    private static final int ROUNDS = 6;

    private final SectionSheet sheet = sheet();

    private CopyBench() {}

    static void run() {
        try {
            var bench = new CopyBench();
            for (var round = 1; round <= ROUNDS; round++) {
                System.out.printf("round %d of %d%n", round, ROUNDS);
                var pdf = timed("PDF", bench::pdf);
                ratio(pdf, timed("the bare renderer on the same page of HTML", bench::barePdf));
                for (var form : List.of(new Form("EPUB", bench::epub), new Form("web pages", bench::web))) {
                    var ours = timed(form.name(), form.writing());
                    ratio(ours, timed("the same parts into a bare ZIP file", bare(form.writing())));
                }
            }
        } catch (IOException full) {
            throw new IllegalStateException("The copies could not be written.", full);
        }
    }

    private record Form(String name, Writing writing) {}

    private interface Writing {
        void to(OutputStream out) throws IOException;
    }

    private static double timed(String what, Writing writing) throws IOException {
        var begun = System.nanoTime();
        var out = new ByteArrayOutputStream();
        writing.to(out);
        var millis = (System.nanoTime() - begun) / 1e6;
        System.out.printf("  %s: %.0f ms, %d kB%n", what, millis, out.size() / 1_000);
        return millis;
    }

    private static void ratio(double ours, double bare) {
        System.out.printf("  that is %.2f times as long%n", ours / bare);
    }

    private void pdf(OutputStream out) throws IOException {
        out.write(SectionPdf.write(sheet, PaperSize.A4));
    }

    private void epub(OutputStream out) throws IOException {
        Epub.write(sheet, new Epub.Edition(UUID.randomUUID(), Instant.now()), Optional::of, out);
    }

    private void web(OutputStream out) throws IOException {
        WebFolder.write(sheet, out);
    }

    /** Without tags, without what archives ask for, with the one font that the text is in. */
    private void barePdf(OutputStream out) throws IOException {
        var builder = new PdfRendererBuilder();
        builder.useFont(() -> new ByteArrayInputStream(font()), "Atkinson", 400, FontStyle.NORMAL, true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.withHtmlContent(SectionPdf.html(sheet, PdfWish.on(PaperSize.A4)), "");
        builder.toStream(out);
        builder.run();
    }

    private static byte[] font() {
        try (var font = SectionPdf.class.getResourceAsStream("/fonts/AtkinsonHyperlegible-Regular.ttf")) {
            return Objects.requireNonNull(font).readAllBytes();
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    private static Writing bare(Writing writing) throws IOException {
        var packed = new ByteArrayOutputStream();
        writing.to(packed);
        var parts = new LinkedHashMap<String, byte[]>();
        try (var zip = new ZipInputStream(new ByteArrayInputStream(packed.toByteArray()))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        return out -> pack(parts, out);
    }

    private static void pack(Map<String, byte[]> parts, OutputStream out) throws IOException {
        try (var zip = new ZipOutputStream(out)) {
            for (var part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
    }

    private static SectionSheet sheet() {
        var random = new Random(7);
        var pages = new ArrayList<SectionSheet.Page>();
        for (var page = 0; page < PAGES; page++) {
            var entries = new ArrayList<Entry>();
            entries.add(entry(typed("What we saw. ".repeat(60))));
            for (var photo = page * PHOTOS / PAGES; photo < (page + 1) * PHOTOS / PAGES; photo++) {
                entries.add(entry(photo(random)));
            }
            pages.add(new SectionSheet.Page(
                    "Page " + page,
                    LocalDate.of(2026, 11, 24),
                    "Week 12",
                    List.of(new ZoneOfPage(Patterns.FREE.zones().getFirst(), entries))));
        }
        return new SectionSheet("Forty pages", "Marlo Quist", "Physics", "version 1", pages, List.of());
    }

    private static Entry entry(Content content) {
        return new Entry(UUID.randomUUID(), content, "Wall and clock", Width.HALF, List.of("2.3a"), Optional.empty());
    }

    private static Typed typed(String words) {
        return new Typed(new Document(List.of(new Paragraph(List.of(new Text(words, Set.of()))))));
    }

    /** A desk with things on it, about as large as a photo for the screen. */
    private static Photo photo(Random random) {
        var picture = new BufferedImage(1_280, 960, BufferedImage.TYPE_INT_RGB);
        var pen = picture.createGraphics();
        pen.setColor(new Color(0xE6EBEA));
        pen.fillRect(0, 0, picture.getWidth(), picture.getHeight());
        for (var thing = 0; thing < 40; thing++) {
            pen.setColor(new Color(random.nextInt(0xFFFFFF)));
            pen.fillOval(
                    random.nextInt(1_200), random.nextInt(900), 20 + random.nextInt(120), 20 + random.nextInt(120));
        }
        pen.dispose();
        var jpeg = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpg", jpeg);
        } catch (IOException full) {
            throw new IllegalStateException(full);
        }
        return new Photo(jpeg.toByteArray(), "image/jpeg", picture.getWidth(), picture.getHeight(), Optional.empty());
    }
}
