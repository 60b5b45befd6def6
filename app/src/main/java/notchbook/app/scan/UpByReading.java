package notchbook.app.scan;

import java.util.function.IntUnaryOperator;
import notchbook.app.media.PictureWords;
import notchbook.imaging.scan.Scan;

/** Where the lines of a page leave a doubt, which way up it is is told by reading it. */
final class UpByReading {
    /** Who reads as much as two or three lines has the page upright. */
    private static final int SURELY_READ = 60;

    /** Less than a line is read on any page. */
    private static final int HARDLY_READ = 20;

    /** How much more must be read when a page is turned: some words are read the wrong way up. */
    private static final int CLEARLY = 2;

    private UpByReading() {}

    /** The same, or turned as it can be read best. */
    static Scan.First upright(Scan.First first, byte[] photo) {
        if (first.isSurelyUpright()) {
            return first;
        }
        var quarters = quarters(turn -> PictureWords.sureLetters(Scan.turned(first.page(), turn)));
        return quarters == 0 ? first : Scan.turned(first, photo, quarters);
    }

    /** The quarters to turn by, from how many letters are read at each; 0 where reading tells nothing. */
    static int quarters(IntUnaryOperator lettersRead) {
        var asItIs = lettersRead.applyAsInt(0);
        if (asItIs >= SURELY_READ) {
            return 0;
        }
        var best = 0;
        var most = Math.max(HARDLY_READ, CLEARLY * asItIs);
        // Upside down first: lines tell it from lying more surely than from standing on its head.
        for (var quarters : new int[] {2, 1, 3}) {
            var letters = lettersRead.applyAsInt(quarters);
            if (letters >= SURELY_READ && letters > most) {
                return quarters;
            }
            if (letters > most) {
                best = quarters;
                most = letters;
            }
        }
        return best;
    }
}
