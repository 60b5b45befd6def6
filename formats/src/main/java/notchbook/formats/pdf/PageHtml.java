package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;
import static notchbook.formats.xml.Xml.escaped;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.DoubleStream;
import notchbook.core.text.Document.Heading;
import notchbook.formats.sheet.Columns;
import notchbook.formats.sheet.Level;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Ink;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Typed;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;

/** A page as XHTML: its zones in order, columns beside the middle, halves and thirds beside each other. */
final class PageHtml {
    /** What cells leave between what they hold; the style sheet leaves as much. */
    private static final double GAP_MM = 4;

    private static final int WHOLE_LINE = 6;

    private static final int MOST_BLOCKS = 3;
    private static final int MOST_LETTERS = 400;

    private final double widthMm;
    private final EntryHtml entries;

    PageHtml(PdfWish wish) {
        this.widthMm = wish.paper().contentWidthMm();
        this.entries = new EntryHtml(wish);
    }

    /** {@code anchor} is what leads to it. */
    String write(Page page, String anchor) {
        var columns = Columns.of(page);
        var hasTitles = page.zones().size() > 1;
        return "<div class=\"page\" id=\"%s\"><h2>%s</h2><p class=\"when\">%s</p>%s%s%s</div>"
                .formatted(
                        anchor,
                        escaped(page.title()),
                        escaped(page.when()),
                        page.zones().isEmpty() ? "<p class=\"about\">Nothing is on this page yet.</p>" : "",
                        columns.areThere() ? levels(columns) : zones(columns.middle(), hasTitles),
                        zones(columns.foot(), hasTitles));
    }

    /** A page with one zone needs no title over it. */
    private String zones(List<ZoneOfPage> zones, boolean hasTitles) {
        return zones.stream()
                .map(zone -> (hasTitles ? title(zone) : "") + lines(zone.entries(), widthMm))
                .collect(joining());
    }

    /** A row for each level, so that what stands beside a passage stays beside it on paper. */
    private String levels(Columns columns) {
        var levels = Level.of(columns.middleEntries(), notes(columns.cues()), notes(columns.margin()));
        var sideMm = columns.sideShare() * widthMm;
        var widths = DoubleStream.concat(
                columns.cues().map(zone -> DoubleStream.of(sideMm)).orElseGet(DoubleStream::empty),
                DoubleStream.concat(
                        DoubleStream.of(columns.middleShare() * widthMm),
                        columns.margin().map(zone -> DoubleStream.of(sideMm)).orElseGet(DoubleStream::empty)));
        return table(
                "columns",
                widths,
                levels.stream()
                        .map(level -> "<tr>" + level(columns, level, level == levels.getFirst()) + "</tr>")
                        .collect(joining()));
    }

    private String level(Columns columns, Level level, boolean isFirst) {
        var sideMm = columns.sideShare() * widthMm - GAP_MM;
        var middleMm = columns.middleShare() * widthMm - GAP_MM;
        return columns.cues()
                        .map(zone -> side(column(zone, level.cues(), sideMm, isFirst)))
                        .orElse("")
                + "<td>" + middle(columns, level, middleMm) + "</td>"
                + columns.margin()
                        .map(zone -> side(column(zone, level.margin(), sideMm, isFirst)))
                        .orElse("");
    }

    private static String side(String content) {
        return "<td class=\"side\">" + content + "</td>";
    }

    /** A table whose columns have these widths in mm, each with the gap that the style sheet leaves after what it holds. */
    private static String table(String look, DoubleStream columnsMm, String rows) {
        var widths = columnsMm.toArray();
        return String.format(
                Locale.ROOT,
                "<table class=\"%s\" style=\"width:%.2fmm\">%s%s</table>",
                look,
                Arrays.stream(widths).sum(),
                Arrays.stream(widths)
                        .mapToObj(width -> String.format(Locale.ROOT, "<col style=\"width:%.2fmm\"/>", width))
                        .collect(joining()),
                rows);
    }

    private static List<Entry> notes(Optional<ZoneOfPage> column) {
        return column.map(ZoneOfPage::entries).orElse(List.of());
    }

    private String column(ZoneOfPage zone, List<Entry> notes, double insideMm, boolean isFirst) {
        return (isFirst ? title(zone) : "") + lines(notes, insideMm);
    }

    private String middle(Columns columns, Level level, double insideMm) {
        var inLevel = level.middle().stream().map(Entry::id).collect(toSet());
        return columns.middle().stream()
                .map(zone -> {
                    var here = zone.entries().stream()
                            .filter(entry -> inLevel.contains(entry.id()))
                            .toList();
                    var isBegun =
                            !here.isEmpty() && here.getFirst() == zone.entries().getFirst();
                    return column(zone, here, insideMm, isBegun);
                })
                .collect(joining());
    }

    private static String title(ZoneOfPage zone) {
        return "<p class=\"zone\">" + escaped(zone.zone().title()) + "</p>";
    }

    /** Entries of a whole width below each other, halves and thirds beside each other as far as a line has room. */
    private String lines(List<Entry> all, double lineMm) {
        var html = new StringBuilder();
        for (var from = 0; from < all.size(); ) {
            var to = endOfLine(all, from);
            var line = all.subList(from, to);
            if (isTitle(line) && to < all.size() && isPicture(all.get(to))) {
                var next = endOfLine(all, to);
                html.append("<div class=\"whole\">")
                        .append(line(line, lineMm))
                        .append(line(all.subList(to, next), lineMm))
                        .append("</div>");
                to = next;
            } else {
                html.append(line(line, lineMm));
            }
            from = to;
        }
        return html.toString();
    }

    private String line(List<Entry> line, double lineMm) {
        var isWhole = line.getFirst().width().sixths() == WHOLE_LINE;
        return isWhole ? entries.write(line.getFirst(), lineMm) : beside(line, lineMm);
    }

    /** A heading with no more than a few lines below it: it stays with the picture that it is of. */
    private static boolean isTitle(List<Entry> line) {
        return line.getFirst().content() instanceof Typed typed
                && typed.document().blocks().size() <= MOST_BLOCKS
                && typed.document().plainText().length() <= MOST_LETTERS
                && typed.document().blocks().stream().anyMatch(Heading.class::isInstance);
    }

    private static boolean isPicture(Entry entry) {
        return entry.content() instanceof Photo || entry.content() instanceof Ink;
    }

    private static int endOfLine(List<Entry> all, int from) {
        var taken = all.get(from).width().sixths();
        var to = from + 1;
        while (to < all.size() && taken + all.get(to).width().sixths() <= WHOLE_LINE) {
            taken += all.get(to).width().sixths();
            to++;
        }
        return to;
    }

    /** Gaps stand after each cell, the last one too, so that halves are halves wherever they stand. */
    private String beside(List<Entry> line, double lineMm) {
        var cells = line.stream()
                .map(entry -> "<td>" + entries.write(entry, columnMm(entry, lineMm) - GAP_MM) + "</td>")
                .collect(joining());
        return table("beside", line.stream().mapToDouble(entry -> columnMm(entry, lineMm)), "<tr>" + cells + "</tr>");
    }

    private static double columnMm(Entry entry, double lineMm) {
        return (lineMm + GAP_MM) * entry.width().sixths() / WHOLE_LINE;
    }
}
