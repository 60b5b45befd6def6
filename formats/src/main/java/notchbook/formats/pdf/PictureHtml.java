package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.Base64;
import java.util.Locale;
import notchbook.core.ink.Drawing;
import notchbook.core.layer.Layer;
import notchbook.formats.ink.StrokeSvg;
import notchbook.formats.layer.LayerSvg;
import notchbook.formats.sheet.SectionSheet.Photo;

/**
 * Photos and drawings as XHTML, each with its size in mm. A photo and what is written on it are one element, so that no
 * sheet's end can come between them.
 */
final class PictureHtml {
    /** A picture is shown no larger than its px are on a screen: 96 to the inch. */
    private static final double MM_PER_PX = 25.4 / 96;

    // What a picture may take of the height of a sheet: enough to read a sheet of paper, and most have room for
    // another.
    private static final double UPRIGHT = 0.64;
    private static final double LYING = 0.46;

    private static final double SMALL_MM = 24;

    private final PaperSize paper;

    PictureHtml(PaperSize paper) {
        this.paper = paper;
    }

    private record Size(double widthMm, double heightMm) {
        String css() {
            return String.format(Locale.ROOT, "width:%.2fmm;height:%.2fmm", widthMm, heightMm);
        }
    }

    String photo(Photo photo, String words, double widthMm) {
        var size = fitted(photo.width(), photo.height(), widthMm);
        return photo.written()
                .map(layer -> layered(photo, layer, photo.words(words), size))
                .orElseGet(() -> image(photo, words, "", size));
    }

    /** A small picture beside words. */
    String beside(Photo photo, String words) {
        return image(photo, words, "small", fitted(photo.width(), photo.height(), SMALL_MM));
    }

    String drawing(Drawing drawing, String words, double widthMm) {
        var size = fitted(drawing.width(), drawing.height(), widthMm);
        var strokes = drawing.strokes().stream().map(StrokeSvg::write).collect(joining("\n"));
        return svg("drawing", words, size.css(), drawing.width(), drawing.height(), strokes);
    }

    private static String layered(Photo photo, Layer layer, String words, Size size) {
        var places = layer.spots()
                .map(spot -> "<a id=\"spot-" + spot.id() + "\"></a>")
                .collect(joining());
        return places
                + svg(
                        "layered",
                        words,
                        size.css() + ";background-image:url(" + data(photo) + ")",
                        layer.width(),
                        layer.height(),
                        LayerSvg.write(layer));
    }

    private static String svg(String look, String words, String style, int width, int height, String content) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"%s\" alt=\"%s\" style=\"%s\" viewBox=\"0 0 %d %d\" font-family=\"Atkinson\">%s</svg>"
                .formatted(look, escaped(words), style, width, height, content);
    }

    private static String image(Photo photo, String words, String look, Size size) {
        return "<img class=\"%s\" style=\"%s\" src=\"%s\" alt=\"%s\"/>"
                .formatted(look, size.css(), data(photo), escaped(words));
    }

    private static String data(Photo photo) {
        return "data:%s;base64,%s".formatted(photo.type(), Base64.getEncoder().encodeToString(photo.bytes()));
    }

    /** As wide as it is given, unless it were too tall for a sheet or larger than its px. */
    private Size fitted(int width, int height, double widthMm) {
        var tallest = paper.contentHeightMm() * (height > width ? UPRIGHT : LYING);
        var scale = Math.min(Math.min(widthMm / width, tallest / height), MM_PER_PX);
        return new Size(width * scale, height * scale);
    }
}
