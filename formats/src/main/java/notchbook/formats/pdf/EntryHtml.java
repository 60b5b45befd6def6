package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.Locale;
import java.util.Optional;
import notchbook.core.layer.Layer;
import notchbook.formats.layer.LayerSvg;
import notchbook.formats.pdf.PdfWish.Sounds;
import notchbook.formats.sheet.DocumentHtml;
import notchbook.formats.sheet.SectionSheet.Attached;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Ink;
import notchbook.formats.sheet.SectionSheet.Link;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SectionSheet.Typed;

/** An entry as XHTML, no wider than what it is given. Typed text flows on; everything else stays whole. */
final class EntryHtml {
    private final PictureHtml pictures;
    private final Sounds sounds;

    EntryHtml(PdfWish wish) {
        this.pictures = new PictureHtml(wish.paper());
        this.sounds = wish.sounds();
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
            case Ink ink -> pictures.drawing(ink.drawing(), entry.named("Drawing"), widthMm);
            case Photo photo ->
                pictures.photo(photo, entry.named("Photo"), widthMm)
                        + photo.layer().map(EntryHtml::spots).orElse("");
            case Recording recording -> recording(recording, entry.caption());
            case Attached file -> attachedFile(file);
            case Link link -> link(link);
        };
    }

    /** Its name, its length, what is said in it and where it can be heard: paper has no sound. */
    private String recording(Recording recording, String name) {
        var kind = recording.isClip() ? "Clip" : "Recording";
        return "<div class=\"card\">%s<p><b>%s</b>, %s</p>%s<p class=\"when\">%s</p><div class=\"below\"></div></div>"
                .formatted(
                        sounds == Sounds.CODED ? QrSvg.write(recording.address()) : "",
                        name.isBlank() ? kind : kind + " “" + escaped(name) + "”",
                        recording.length(),
                        recording.words().isBlank() ? "" : paragraph("said", "“" + recording.words() + "”"),
                        sounds == Sounds.ATTACHED && recording.file().isPresent()
                                ? attached(recording.file().get())
                                : where(recording));
    }

    private static String where(Recording recording) {
        return "%s <a href=\"%s\" title=\"%2$s\">%2$s</a>"
                .formatted(recording.isClip() ? "Watch it at" : "Hear it at", escaped(recording.address()));
    }

    private static String attached(MediaFile file) {
        return "It lies in this PDF: " + escaped(file.name());
    }

    private String attachedFile(Attached file) {
        var lies = sounds == Sounds.ATTACHED ? file.file().map(EntryHtml::attached) : Optional.<String>empty();
        return "<div class=\"card\"><p>File: %s, %s</p>%s</div>"
                .formatted(
                        escaped(file.name()),
                        size(file.bytes()),
                        lies.map(words -> "<p class=\"when\">" + words + "</p>").orElse(""));
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
                        link.picture()
                                .map(picture -> pictures.beside(picture, "Picture of the page " + link.title()))
                                .orElse(""),
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
}
