package notchbook.core.layer;

import java.util.ArrayList;
import java.util.List;
import notchbook.core.ink.Stroke;

/**
 * Typed words on a picture: their top left, their size as the height of a line's capitals and descenders (1 em) in units of
 * the layer, and their colour as #RRGGBB. Lines end where the words have a new line.
 */
public record Lettering(Place at, double size, String colour, String words) {
    /** From line to line, in sizes. */
    public static final double LINE = 1.25;

    private static final int LONGEST = 500;
    private static final double SMALLEST = 1;
    private static final double LARGEST = 400;

    public Lettering {
        words = words.strip().replace("\r", "");
        if (words.isEmpty() || words.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "A label has 1 to 500 characters, not " + words.length() + ". Write the rest as a note.");
        }
        if (!(size >= SMALLEST && size <= LARGEST)) {
            throw new IllegalArgumentException("A label's letters are 1 to 400 units high, not " + size + ".");
        }
        if (!Stroke.isColour(colour)) {
            throw new IllegalArgumentException("A colour is written #RRGGBB, not “" + colour + "”.");
        }
    }

    /** Taken apart by hand: a pattern would bring its tables of letters into the browser. */
    public List<String> lines() {
        var lines = new ArrayList<String>();
        var start = 0;
        for (var end = words.indexOf('\n'); end >= 0; end = words.indexOf('\n', start)) {
            lines.add(words.substring(start, end));
            start = end + 1;
        }
        lines.add(words.substring(start));
        return List.copyOf(lines);
    }

    /** How wide the words are, in units: the widest line by the mean widths of its letters. */
    public double width() {
        return size * lines().stream().mapToDouble(Lettering::ems).max().orElse(0);
    }

    public double height() {
        return size * LINE * lines().size();
    }

    Lettering moved(Place to, double factor) {
        return new Lettering(to, Math.clamp(size * factor, SMALLEST, LARGEST), colour, words);
    }

    private static double ems(String line) {
        return line.codePoints().mapToDouble(Lettering::em).sum();
    }

    // Measured on the typeface that screen and PDF set it in, and rounded up: a frame may be loose, never tight.
    private static double em(int letter) {
        if ("iljIt.,:;'|!()[] ".indexOf(letter) >= 0) {
            return 0.34;
        }
        if ("mwMW@%—".indexOf(letter) >= 0) {
            return 0.92;
        }
        // Han, kana and other full-width letters.
        if (letter >= 0x2E80) {
            return 1.05;
        }
        return letter >= 'A' && letter <= 'Z' ? 0.7 : 0.6;
    }
}
