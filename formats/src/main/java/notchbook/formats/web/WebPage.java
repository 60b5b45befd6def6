package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.List;
import java.util.Optional;
import notchbook.formats.sheet.Columns;
import notchbook.formats.sheet.Level;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Reflection;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;
import notchbook.formats.sheet.SheetMedia;

/** A page or a reflection as XHTML that flows to any width: where there is room, notes stand beside what they are about. */
final class WebPage {
    private final WebEntry entries;
    private final int rank;

    /** {@code rank} is that of its title; what stands below it has lower ones. */
    WebPage(SheetMedia media, int rank) {
        this.entries = new WebEntry(media, rank);
        this.rank = rank;
    }

    private String heading(int below, String words) {
        return "<h%d>%s</h%1$d>".formatted(rank + below, escaped(words));
    }

    String write(Page page) {
        var columns = Columns.of(page);
        var hasTitles = page.zones().size() > 1;
        return "%s<p class=\"when\">%s</p>%s%s%s"
                .formatted(
                        heading(0, page.title()),
                        escaped(page.when()),
                        page.zones().isEmpty() ? "<p class=\"about\">Nothing is on this page yet.</p>" : "",
                        columns.areThere() ? levels(columns) : zones(columns.middle(), hasTitles),
                        zones(columns.foot(), hasTitles));
    }

    String write(Reflection reflection) {
        var chosen = reflection.chosen().isEmpty()
                ? ""
                : "<p class=\"when\">Looks back on: " + escaped(String.join(" · ", reflection.chosen())) + "</p>";
        return heading(0, reflection.title())
                + chosen
                + reflection.answers().stream()
                        .map(answer -> heading(1, answer.question()) + "<p>"
                                + escaped(answer.text()).replace("\n", "<br/>") + "</p>")
                        .collect(joining());
    }

    private String zones(List<ZoneOfPage> zones, boolean hasTitles) {
        return zones.stream()
                .map(zone -> (hasTitles ? title(zone) : "") + lines(zone.entries()))
                .collect(joining());
    }

    private String levels(Columns columns) {
        var levels = Level.of(columns.middleEntries(), notes(columns.cues()), notes(columns.margin()));
        return levels.stream()
                .map(level -> level(columns, level, level == levels.getFirst()))
                .collect(joining());
    }

    private String level(Columns columns, Level level, boolean isFirst) {
        return "<div class=\"level\">%s<div class=\"middle\">%s</div>%s</div>"
                .formatted(
                        columns.cues()
                                .map(zone -> side(zone, level.cues(), isFirst))
                                .orElse(""),
                        isFirst ? middleTitle(columns) + lines(level.middle()) : lines(level.middle()),
                        columns.margin()
                                .map(zone -> side(zone, level.margin(), isFirst))
                                .orElse(""));
    }

    private static String middleTitle(Columns columns) {
        return columns.middle().stream().findFirst().map(WebPage::title).orElse("");
    }

    private String side(ZoneOfPage zone, List<Entry> notes, boolean isFirst) {
        return "<div class=\"side\">" + (isFirst ? title(zone) : "") + lines(notes) + "</div>";
    }

    private static List<Entry> notes(Optional<ZoneOfPage> column) {
        return column.map(ZoneOfPage::entries).orElse(List.of());
    }

    private static String title(ZoneOfPage zone) {
        return "<p class=\"zone\">" + escaped(zone.zone().title()) + "</p>";
    }

    private String lines(List<Entry> all) {
        return all.stream()
                .map(entry -> "<div class=\"of-six-%d\">%s</div>"
                        .formatted(entry.width().sixths(), entries.write(entry)))
                .collect(joining("", "<div class=\"line\">", "</div>"));
    }
}
