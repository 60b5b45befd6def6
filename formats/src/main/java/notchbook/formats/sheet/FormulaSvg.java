package notchbook.formats.sheet;

import static notchbook.formats.xml.Xml.escaped;

import java.awt.Color;
import java.awt.Insets;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.batik.dom.GenericDOMImplementation;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.scilab.forge.jlatexmath.ParseException;
import org.scilab.forge.jlatexmath.TeXConstants;
import org.scilab.forge.jlatexmath.TeXFormula;
import org.scilab.forge.jlatexmath.TeXIcon;

/** A formula in TeX as a drawing with the TeX as its alternative text; TeX that can't be set stands as it was typed. */
public final class FormulaSvg {
    /** The size of the text around it, in points. */
    private static final int SIZE = 11;

    private static final Color INK = new Color(0x17262D);

    /** What defines commands, or reads files and addresses, has no place in a note's formula. */
    private static final Pattern UNSAFE = Pattern.compile(
            "\\\\(includegraphics|(re)?new|def|Declare|dynamic|externalfont|input|special|make|magnification)");

    /** Brackets within brackets; no formula of a school's needs more, and the typesetter goes down one call for each. */
    private static final int DEEPEST = 40;

    private FormulaSvg() {}

    /** A formula no wider than {@code widthPt}; a longer one is set smaller. */
    public static String write(String tex, boolean isOwnLine, double widthPt) {
        if (UNSAFE.matcher(tex).find() || depth(tex) > DEEPEST) {
            return asTyped(tex);
        }
        try {
            return drawing(icon(tex, isOwnLine), tex, widthPt);
        } catch (ParseException unset) {
            return asTyped(tex);
        }
    }

    private static String asTyped(String tex) {
        return "<code>" + escaped(tex) + "</code>";
    }

    private static int depth(String tex) {
        var depth = 0;
        var deepest = 0;
        for (var c : tex.toCharArray()) {
            depth += c == '{' ? 1 : c == '}' ? -1 : 0;
            deepest = Math.max(deepest, depth);
        }
        return deepest;
    }

    private static TeXIcon icon(String tex, boolean isOwnLine) {
        var icon = new TeXFormula(tex)
                .createTeXIcon(isOwnLine ? TeXConstants.STYLE_DISPLAY : TeXConstants.STYLE_TEXT, SIZE);
        icon.setInsets(new Insets(1, 1, 1, 1));
        icon.setForeground(INK);
        return icon;
    }

    private static String drawing(TeXIcon icon, String tex, double widthPt) {
        var scale = Math.min(1, widthPt / icon.getIconWidth());
        var document = GenericDOMImplementation.getDOMImplementation()
                .createDocument("http://www.w3.org/2000/svg", "svg", null);
        var context = SVGGeneratorContext.createDefault(document);
        // Letters as outlines: the fonts of formulas need not be in the PDF.
        var canvas = new SVGGraphics2D(context, true);
        icon.paintIcon(null, canvas, 0, 0);
        var root = canvas.getRoot();
        root.setAttribute("width", pt(scale * icon.getIconWidth()));
        root.setAttribute("height", pt(scale * icon.getIconHeight()));
        root.setAttribute("viewBox", "0 0 %d %d".formatted(icon.getIconWidth(), icon.getIconHeight()));
        root.setAttribute("alt", tex);
        try {
            var out = new StringWriter();
            canvas.stream(root, out, true, false);
            return out.toString()
                    .strip()
                    .replaceFirst("(?s)^.*?<svg style=\"", "<svg style=\"" + onTheLine(icon, scale));
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    /** Sets the drawing's foot as far below the line of the text as the formula's own reaches. */
    private static String onTheLine(TeXIcon icon, double scale) {
        return "vertical-align: -" + pt(scale * icon.getTrueIconDepth()) + "; ";
    }

    private static String pt(double value) {
        return String.format(Locale.ROOT, "%.1fpt", value);
    }
}
