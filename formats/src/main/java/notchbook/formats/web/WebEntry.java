package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.ink.Drawing;
import notchbook.core.layer.Layer;
import notchbook.core.voice.SpokenLine;
import notchbook.formats.ink.StrokeSvg;
import notchbook.formats.layer.LayerSvg;
import notchbook.formats.sheet.DocumentHtml;
import notchbook.formats.sheet.SectionSheet.Attached;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Ink;
import notchbook.formats.sheet.SectionSheet.Link;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SectionSheet.Typed;
import notchbook.formats.sheet.SheetMedia;

/** An entry as XHTML that flows to any width; what can be played plays in place. */
final class WebEntry {
    /** As wide as a formula that has no MathML may be drawn, in mm. */
    private static final double WIDTH_MM = 160;

    private final SheetMedia media;
    private final int rankAbove;

    WebEntry(SheetMedia media, int rankAbove) {
        this.media = media;
        this.rankAbove = rankAbove;
    }

    String write(Entry entry) {
        return "<div class=\"entry\">%s%s%s</div>"
                .formatted(
                        content(entry),
                        paragraph("caption", entry.content() instanceof Recording ? "" : entry.caption()),
                        paragraph("codes", String.join("  ", entry.codes())));
    }

    private String content(Entry entry) {
        return switch (entry.content()) {
            case Typed typed -> new DocumentHtml(WIDTH_MM, rankAbove, MathMl::write).write(typed.document());
            case Ink ink -> drawing(ink.drawing(), entry.named("Drawing"));
            case Photo photo -> photo(photo, entry.named("Photo"));
            case Recording recording -> recording(entry, recording);
            case Attached file -> "<p class=\"card\">" + file(file) + "</p>";
            case Link link -> link(link);
        };
    }

    private static String drawing(Drawing drawing, String words) {
        return svg(
                words,
                drawing.width(),
                drawing.height(),
                drawing.strokes().stream().map(StrokeSvg::write).collect(joining("\n")));
    }

    private String photo(Photo photo, String words) {
        var path = media.picture(photo);
        return photo.written()
                .map(layer -> layered(path, layer, photo.words(words)))
                .orElseGet(() -> "<img src=\"%s\" alt=\"%s\" width=\"%d\" height=\"%d\"/>"
                        .formatted(path, escaped(words), photo.width(), photo.height()));
    }

    /** The picture and what is written on it are one drawing; what its spots say stands below it too. */
    private static String layered(String path, Layer layer, String words) {
        var picture = "<image href=\"%s\" width=\"%d\" height=\"%d\" preserveAspectRatio=\"none\"/>"
                .formatted(path, layer.width(), layer.height());
        return svg(words, layer.width(), layer.height(), picture + LayerSvg.write(layer))
                + LayerSvg.spotWords(layer)
                        .lines()
                        .map(line -> paragraph("caption", line))
                        .collect(joining());
    }

    private static String svg(String words, int width, int height, String content) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" role=\"img\" aria-label=\"%s\" viewBox=\"0 0 %d %d\" font-family=\"Atkinson Hyperlegible, sans-serif\">%s</svg>"
                .formatted(escaped(words), width, height, content);
    }

    private String recording(Entry entry, Recording recording) {
        var name = entry.named(recording.isClip() ? "Clip" : "Recording");
        var head = "<p><b>%s</b>, %s</p>".formatted(escaped(name), recording.length());
        return "<div class=\"card\">%s%s%s</div>"
                .formatted(
                        head,
                        recording
                                .file()
                                .flatMap(media::file)
                                .map(path -> player(recording.isClip(), path, name))
                                .orElse(""),
                        said(entry.id(), recording.lines().all()));
    }

    /** Each line has an id, by which it is lit while it is heard. */
    private static String said(UUID recording, List<SpokenLine> lines) {
        return IntStream.range(0, lines.size())
                .mapToObj(at -> "<p class=\"said\" id=\"%s\">%s</p>"
                        .formatted(
                                Overlay.idOf(recording, at),
                                escaped(lines.get(at).words())))
                .collect(joining());
    }

    private static String player(boolean isClip, String path, String name) {
        var tag = isClip ? "video" : "audio";
        return "<%s controls=\"controls\" preload=\"metadata\" src=\"%s\" aria-label=\"%s\"></%1$s>"
                .formatted(tag, path, escaped(name));
    }

    private String file(Attached file) {
        var name = escaped(file.name());
        return file.file()
                .flatMap(media::file)
                .map(path -> "<a href=\"%s\">%s</a>".formatted(path, name))
                .orElse(name);
    }

    private String link(Link link) {
        var title = link.title().isBlank() ? link.address() : link.title();
        return "<div class=\"card\">%s<p><a href=\"%s\">%s</a></p>%s</div>"
                .formatted(
                        link.picture()
                                .map(picture ->
                                        "<img class=\"small\" src=\"%s\" alt=\"\"/>".formatted(media.picture(picture)))
                                .orElse(""),
                        escaped(link.address()),
                        escaped(title),
                        paragraph("about", link.description()));
    }

    private static String paragraph(String look, String words) {
        return words.isBlank() ? "" : "<p class=\"%s\">%s</p>".formatted(look, escaped(words));
    }
}
