package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.time.format.DateTimeFormatter;
import java.util.Base64;
import java.util.Locale;
import java.util.regex.Matcher;
import notchbook.core.layer.Layer;
import notchbook.core.notebook.Zone.Role;
import notchbook.formats.ink.DrawingSvg;
import notchbook.formats.layer.LayerSvg;
import notchbook.formats.pdf.SectionSheet.Attached;
import notchbook.formats.pdf.SectionSheet.Entry;
import notchbook.formats.pdf.SectionSheet.Ink;
import notchbook.formats.pdf.SectionSheet.Link;
import notchbook.formats.pdf.SectionSheet.Page;
import notchbook.formats.pdf.SectionSheet.Photo;
import notchbook.formats.pdf.SectionSheet.Recording;
import notchbook.formats.pdf.SectionSheet.Reflection;
import notchbook.formats.pdf.SectionSheet.Typed;
import notchbook.formats.pdf.SectionSheet.ZoneOfPage;

/** A section as one XHTML page, the way in to the PDF. Everything a student typed is escaped. */
final class SectionHtml {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);

    private SectionHtml() {}

    static String write(SectionSheet sheet, String css) {
        return """
                <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>%s</title>
                <meta name="author" content="%s"/><meta name="subject" content="%s"/><style>%s</style></head><body>
                <h1>%s</h1><p class="from">%s</p>%s%s</body></html>""".formatted(
                escaped(sheet.title()),
                escaped(sheet.student()),
                escaped(sheet.notebook()),
                css,
                escaped(sheet.title()),
                escaped(sheet.student() + " · " + sheet.notebook() + " · " + sheet.version()),
                sheet.pages().stream().map(SectionHtml::page).collect(joining()),
                sheet.reflections().stream().map(SectionHtml::reflection).collect(joining()));
    }

    private static String page(Page page) {
        return "<div class=\"page\"><h2>%s</h2><p class=\"when\">%s</p>%s</div>"
                .formatted(escaped(page.title()), escaped(DAY.format(page.day()) + " · " + page.week()), zones(page));
    }

    /** Columns stand side by side, as on the screen; above and below them the zones follow each other. */
    private static String zones(Page page) {
        var hasColumn = page.zones().stream().anyMatch(SectionHtml::isColumn);
        if (!hasColumn) {
            return page.zones().stream().map(zone -> zone(page, zone)).collect(joining());
        }
        var middle = page.zones().stream().filter(zone -> !isColumn(zone) && !isFoot(zone));
        return "<table class=\"columns\"><tr>%s<td>%s</td>%s</tr></table>%s"
                .formatted(
                        column(page, Role.CUES),
                        middle.map(zone -> zone(page, zone)).collect(joining()),
                        column(page, Role.MARGIN),
                        page.zones().stream()
                                .filter(SectionHtml::isFoot)
                                .map(zone -> zone(page, zone))
                                .collect(joining()));
    }

    private static String column(Page page, Role role) {
        return page.zones().stream()
                .filter(zone -> zone.zone().role() == role)
                .map(zone -> "<td class=\"side\">" + zone(page, zone) + "</td>")
                .collect(joining());
    }

    private static boolean isColumn(ZoneOfPage zone) {
        return zone.zone().role() == Role.CUES || zone.zone().role() == Role.MARGIN;
    }

    private static boolean isFoot(ZoneOfPage zone) {
        return zone.zone().role() == Role.SUMMARY;
    }

    /** A page with one zone needs no title over it. */
    private static String zone(Page page, ZoneOfPage zone) {
        var title = page.zones().size() == 1
                ? ""
                : "<p class=\"zone\">" + escaped(zone.zone().title()) + "</p>";
        return title + zone.entries().stream().map(SectionHtml::entry).collect(joining());
    }

    private static String entry(Entry entry) {
        var codes = entry.codes().isEmpty()
                ? ""
                : "<p class=\"codes\">" + escaped(String.join("  ", entry.codes())) + "</p>";
        var caption = entry.caption().isBlank() ? "" : "<p class=\"caption\">" + escaped(entry.caption()) + "</p>";
        return "<div class=\"entry %s\">%s%s%s</div>"
                .formatted(entry.width().name().toLowerCase(Locale.ROOT), content(entry), caption, codes);
    }

    private static String content(Entry entry) {
        return switch (entry.content()) {
            case Typed typed -> DocumentHtml.write(typed.document());
            case Ink ink ->
                "<div class=\"ink\">"
                        + DrawingSvg.write(ink.drawing(), named(entry, "Drawing"))
                                .replaceFirst(
                                        "<svg ",
                                        "<svg alt=\"" + Matcher.quoteReplacement(escaped(named(entry, "Drawing")))
                                                + "\" ")
                        + "</div>";
            case Photo photo -> photo(photo, named(entry, "Photo"));
            case Recording recording ->
                "<p class=\"recording\">%s, %s%s</p>%s"
                        .formatted(
                                recording.isClip() ? "Clip" : "Recording",
                                length(recording.seconds()),
                                recording
                                        .fileName()
                                        .map(name -> ", " + escaped(name))
                                        .orElse(""),
                                said(recording.words()));
            case Attached file ->
                "<p class=\"recording\">File: %s, %s</p>".formatted(escaped(file.name()), size(file.bytes()));
            case Link link -> link(link);
        };
    }

    /** What is written on a photo lies over it as vectors; what its spots say stands below. */
    private static String photo(Photo photo, String words) {
        var look = photo.height() > photo.width() ? "tall" : "wide";
        return photo.layer()
                .map(layer -> "<div class=\"layered %s\">%s%s%s</div>%s"
                        .formatted(look, places(layer), picture(photo, "", words), overlay(layer), spots(layer)))
                .orElseGet(() -> picture(photo, look, words));
    }

    /** Where links to spots lead. */
    private static String places(Layer layer) {
        return layer.spots()
                .map(spot -> "<a id=\"spot-" + spot.id() + "\"></a>")
                .collect(joining());
    }

    private static String overlay(Layer layer) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"layer\" alt=\"%s\" viewBox=\"0 0 %d %d\" font-family=\"Atkinson\">%s</svg>"
                .formatted(
                        escaped("Written on it: " + layer.words().replace("\n", ", ")),
                        layer.width(),
                        layer.height(),
                        LayerSvg.write(layer));
    }

    private static String spots(Layer layer) {
        return LayerSvg.spotWords(layer)
                .lines()
                .map(line -> "<p class=\"caption\">" + escaped(line) + "</p>")
                .collect(joining());
    }

    private static String picture(Photo photo, String look, String words) {
        return "<img class=\"%s\" src=\"data:%s;base64,%s\" alt=\"%s\"/>"
                .formatted(look, photo.type(), Base64.getEncoder().encodeToString(photo.bytes()), escaped(words));
    }

    /** As a line of words; the picture only where the page has one. */
    /** What is said, for those who read and don't hear. */
    private static String said(String words) {
        return words.isBlank() ? "" : "<p class=\"said\">“%s”</p>".formatted(escaped(words));
    }

    private static String link(Link link) {
        var address = escaped(link.address());
        var title = link.title().isBlank() ? address : escaped(link.title());
        return "<div class=\"link\">%s<p><a href=\"%s\">%s</a></p><p>%s</p><p class=\"when\">%s</p></div>"
                .formatted(
                        link.picture().map(photo -> picture(photo, "small", "")).orElse(""),
                        address,
                        title,
                        escaped(link.description()),
                        address);
    }

    private static String size(long bytes) {
        return bytes < 1_000_000
                ? "%d kB".formatted(Math.max(1, bytes / 1_000))
                : String.format(Locale.ROOT, "%.1f MB", bytes / 1e6);
    }

    private static String named(Entry entry, String otherwise) {
        return entry.caption().isBlank() ? otherwise : entry.caption();
    }

    private static String reflection(Reflection reflection) {
        var chosen = reflection.chosen().isEmpty()
                ? ""
                : "<p class=\"when\">Looks back on: " + escaped(String.join(" · ", reflection.chosen())) + "</p>";
        var answers = reflection.answers().stream()
                .map(answer -> "<h3>" + escaped(answer.question()) + "</h3><p>"
                        + escaped(answer.text()).replace("\n", "<br/>") + "</p>")
                .collect(joining());
        return "<div class=\"page\"><h2>" + escaped(reflection.title()) + "</h2>" + chosen + answers + "</div>";
    }

    /** Minutes and seconds, such as 3:05. */
    private static String length(double seconds) {
        var whole = Math.round(seconds);
        return "%d:%02d".formatted(whole / 60, whole % 60);
    }
}
