package notchbook.formats.sheet;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.formats.sheet.SectionSheet.Attached;
import notchbook.formats.sheet.SectionSheet.Content;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Ink;
import notchbook.formats.sheet.SectionSheet.Link;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SectionSheet.Typed;
import notchbook.formats.sheet.SectionSheet.Width;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;

/** Made-up sections, among them one that holds everything in every width. Each word is there once, by its number. */
public final class Sheets {
    private int words;

    /** Every pattern, every kind of entry, whole, half and third, long tables, formulas and addresses. */
    public static SectionSheet withEverything() {
        return new Sheets().everything();
    }

    /** Notes of 60 and of 12 words, numbered from 0, and a cue of 9 words about the second. */
    public static SectionSheet withACueBesideTheSecondNote() {
        var sheets = new Sheets();
        var passage = UUID.randomUUID();
        var first = entry(typed(sheets.paragraph(60)), "", Width.FULL);
        var words = new Text(sheets.sentence(12), Set.of(new Passage(passage)));
        var second = entry(typed(new Paragraph(List.of(words))), "", Width.FULL);
        var cue = new Entry(
                UUID.randomUUID(), typed(sheets.paragraph(9)), "", Width.FULL, List.of(), Optional.of(passage));
        return sheet(List.of(sheets.page(Patterns.CUE_NOTES, List.of(List.of(cue), List.of(first, second)))));
    }

    /** One page of {@code count} entries of all kinds. */
    public static SectionSheet ofEntries(int count) {
        var sheets = new Sheets();
        var entries = IntStream.range(0, count)
                .mapToObj(i -> i % 9 == 0
                        ? entry(photo(640, 480, false), sheets.sentence(4), Width.values()[i % 3])
                        : entry(typed(sheets.paragraph(20 + i % 50)), "", Width.values()[i % 3]))
                .toList();
        return sheet(List.of(sheets.page(Patterns.FREE, List.of(entries))));
    }

    private SectionSheet everything() {
        var pages = new ArrayList<Page>();
        for (var pattern : Patterns.STANDARD) {
            pages.add(page(
                    pattern,
                    pattern.zones().stream()
                            .map(zone -> zone.equals(pattern.home()) ? all() : few())
                            .toList()));
        }
        return sheet(pages);
    }

    private List<Entry> all() {
        var all = new ArrayList<Entry>();
        for (var width : Width.values()) {
            all.add(entry(width == Width.FULL ? rich() : typed(paragraph(15), heading()), "", width));
            all.add(entry(photo(800, 600, false), sentence(6), width));
            all.add(entry(photo(600, 840, true), sentence(5), width));
            all.add(entry(drawing(), sentence(5), width));
            all.add(entry(
                    new Recording(
                            false, 185, said(sentence(9)), "https://skerrow.example/versions/7", Optional.empty()),
                    sentence(4),
                    width));
            all.add(entry(new Attached(word() + ".pdf", 120_000, Optional.empty()), "", width));
            all.add(entry(link(), "", width));
        }
        all.add(entry(typed(paragraph(400)), "", Width.FULL));
        all.add(entry(typed(table(80, 3)), "", Width.FULL));
        all.add(entry(typed(table(4, 26)), "", Width.FULL));
        all.add(entry(typed(paragraph(30)), "", Width.HALF));
        all.add(entry(typed(paragraph(35)), "", Width.HALF));
        return all;
    }

    private Typed rich() {
        return typed(paragraph(40), heading(), list(), quotation(), wide(), formula());
    }

    /** What stands in a column or a box. */
    private List<Entry> few() {
        return List.of(
                entry(rich(), "", Width.FULL),
                entry(photo(800, 600, true), sentence(6), Width.FULL),
                entry(
                        new Recording(
                                false, 65, said(sentence(9)), "https://skerrow.example/versions/7", Optional.empty()),
                        "",
                        Width.FULL),
                entry(typed(table(4, 3)), "", Width.FULL),
                entry(typed(paragraph(14)), "", Width.HALF),
                entry(photo(600, 840, false), sentence(3), Width.HALF));
    }

    private Page page(Pattern pattern, List<List<Entry>> byZone) {
        var zones = IntStream.range(0, byZone.size())
                .filter(i -> !byZone.get(i).isEmpty())
                .mapToObj(i -> new ZoneOfPage(pattern.zones().get(i), byZone.get(i)))
                .toList();
        return new Page(sentence(4), LocalDate.of(2026, 11, 24), "Week 12", zones);
    }

    private static SectionSheet sheet(List<Page> pages) {
        return new SectionSheet("Everything", "Marlo Quist", "Physics", "version 1", pages, List.of());
    }

    public static Entry entry(Content content, String caption, Width width) {
        return new Entry(UUID.randomUUID(), content, caption, width, List.of(), Optional.empty());
    }

    public static Typed typed(Block... blocks) {
        return new Typed(new Document(List.of(blocks)));
    }

    private String word() {
        return "w" + words++;
    }

    /** Said by itself, in two seconds. */
    public static SpokenLines said(String words) {
        return new SpokenLines(List.of(new SpokenLine(0, 2_000, words)));
    }

    private String sentence(int length) {
        return String.join(" ", IntStream.range(0, length).mapToObj(i -> word()).toList());
    }

    private Paragraph paragraph(int length) {
        return new Paragraph(List.of(new Text(sentence(length), Set.of())));
    }

    private Heading heading() {
        return new Heading(1, List.of(new Text(sentence(4), Set.of())));
    }

    private BulletList list() {
        return new BulletList(
                List.of(List.of(paragraph(12)), List.of(paragraph(8), new BulletList(List.of(List.of(paragraph(7)))))));
    }

    private Quotation quotation() {
        return new Quotation(word(), List.of(paragraph(15)));
    }

    /** An address without a place to break it, wider than any column. */
    private Paragraph wide() {
        var address = "https://skerrow.example/" + "tide".repeat(60) + word();
        return new Paragraph(List.of(new Text(address, Set.<Mark>of(new Document.Link(address)))));
    }

    private static FormulaBlock formula() {
        return new FormulaBlock("v = " + "\\frac{2d}{t} + ".repeat(14) + "c");
    }

    private Table table(int rows, int columns) {
        return new Table(IntStream.range(0, rows)
                .mapToObj(row -> IntStream.range(0, columns)
                        .mapToObj(column -> new Cell(row == 0, 1, 1, List.<Block>of(paragraph(1 + column % 3))))
                        .toList())
                .toList());
    }

    private Link link() {
        return new Link(
                "https://skerrow.example/" + word(), sentence(5), sentence(25), Optional.of(photo(400, 300, false)));
    }

    private static Ink drawing() {
        return new Ink(new Drawing(800, 450, List.of(stroke(40, 40, 760, 410))));
    }

    private static Stroke stroke(double x, double y, double toX, double toY) {
        return new Stroke(
                Stroke.Tool.PEN, "#A23B2C", 6, List.of(new InkPoint(x, y, 0.5, 0), new InkPoint(toX, toY, 0.5, 20)));
    }

    /** A grey picture with a green square in its middle; what is written on it is a frame right around the square. */
    public static Photo photo(int width, int height, boolean isWrittenOn) {
        var picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var pen = picture.createGraphics();
        pen.setColor(Color.LIGHT_GRAY);
        pen.fillRect(0, 0, width, height);
        pen.setColor(Color.GREEN);
        pen.fillRect(width / 4, height / 4, width / 2, height / 2);
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return new Photo(
                out.toByteArray(),
                "image/png",
                width,
                height,
                isWrittenOn ? Optional.of(frame(width, height)) : Optional.empty());
    }

    private static Layer frame(int width, int height) {
        return new Layer(
                1000,
                1000 * height / width,
                List.of(new Thing.Box(
                        UUID.randomUUID(),
                        false,
                        "#A23B2C",
                        new Place(250, 250.0 * height / width),
                        new Place(750, 750.0 * height / width))));
    }
}
