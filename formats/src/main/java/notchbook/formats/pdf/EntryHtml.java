package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.Locale;
import notchbook.core.layer.Layer;
import notchbook.formats.layer.LayerSvg;
import notchbook.formats.pdf.SectionSheet.Attached;
import notchbook.formats.pdf.SectionSheet.Entry;
import notchbook.formats.pdf.SectionSheet.Ink;
import notchbook.formats.pdf.SectionSheet.Link;
import notchbook.formats.pdf.SectionSheet.Photo;
import notchbook.formats.pdf.SectionSheet.Recording;
import notchbook.formats.pdf.SectionSheet.Typed;

/** An entry as XHTML, no wider than what it is given. Typed text flows on; everything else stays whole. */
final class EntryHtml {
    private final PictureHtml pictures;

    EntryHtml(PaperSize paper) {
        this.pictures = new PictureHtml(paper);
    }

    String write(Entry entry, double widthMm) {
        var look = entry.content() instanceof Typed ? "entry" : "entry whole";
        return "<div class=\"%s\">%s%s%s</div>"
                .formatted(
                        look,
                        content(entry, widthMm),
                        entry.content() instanceof Recording ? "" : paragraph("caption", entry.caption()),
                        paragraph("codes", String.join("  ", entry.codes())));
    }

    private String content(Entry entry, double widthMm) {
        return switch (entry.content()) {
            case Typed typed -> new DocumentHtml(widthMm).write(typed.document());
            case Ink ink -> pictures.drawing(ink.drawing(), named(entry, "Drawing"), widthMm);
            case Photo photo ->
                pictures.photo(photo, named(entry, "Photo"), widthMm)
                        + photo.layer().map(EntryHtml::spots).orElse("");
            case Recording recording -> recording(recording, entry.caption());
            case Attached file ->
                "<p class=\"card\">File: %s, %s</p>".formatted(escaped(file.name()), size(file.bytes()));
            case Link link -> link(link);
        };
    }

    /** Its name, its length, what is said in it and where it can be heard: paper has no sound. */
    private static String recording(Recording recording, String name) {
        var kind = recording.isClip() ? "Clip" : "Recording";
        return "<div class=\"card\"><p><b>%s</b>, %s</p>%s<p class=\"when\">%s <a href=\"%s\" title=\"%5$s\">%5$s</a></p></div>"
                .formatted(
                        name.isBlank() ? kind : kind + " “" + escaped(name) + "”",
                        length(recording.seconds()),
                        recording.words().isBlank() ? "" : paragraph("said", "“" + recording.words() + "”"),
                        recording.isClip() ? "Watch it at" : "Hear it at",
                        escaped(recording.address()));
    }

    /** What its spots say stands below a picture: a printed one can't be pointed at. */
    private static String spots(Layer layer) {
        return LayerSvg.spotWords(layer)
                .lines()
                .map(line -> paragraph("caption", line))
                .collect(joining());
    }

    private String link(Link link) {
        var address = escaped(link.address());
        var title = link.title().isBlank() ? address : escaped(link.title());
        return "<div class=\"card\">%s<p><a href=\"%s\" title=\"%2$s\">%s</a></p>%s<p class=\"when\">%s</p></div>"
                .formatted(
                        link.picture().map(pictures::beside).orElse(""),
                        address,
                        title,
                        paragraph("about", link.description()),
                        address);
    }

    private static String paragraph(String look, String words) {
        return words.isBlank() ? "" : "<p class=\"%s\">%s</p>".formatted(look, escaped(words));
    }

    private static String size(long bytes) {
        return bytes < 1_000_000
                ? "%d kB".formatted(Math.max(1, bytes / 1_000))
                : String.format(Locale.ROOT, "%.1f MB", bytes / 1e6);
    }

    private static String named(Entry entry, String otherwise) {
        return entry.caption().isBlank() ? otherwise : entry.caption();
    }

    /** Minutes and seconds, such as 3:05. */
    private static String length(double seconds) {
        var whole = Math.round(seconds);
        return "%d:%02d".formatted(whole / 60, whole % 60);
    }
}
