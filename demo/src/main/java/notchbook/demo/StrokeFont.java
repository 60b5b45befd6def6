package notchbook.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Letters as pen strokes. A letter is written as points "xy" on a grid 4 wide and 8 high (x-height from 2 to 6, the
 * descent to 8), strokes parted by a blank.
 */
final class StrokeFont {
    /** Grid units from one letter to the next. */
    static final double ADVANCE = 5.4;

    private static final Map<Character, String> LETTERS = new HashMap<>();

    static {
        var table = """
                a 42120305163645 4246
                b 0006 0312324345361605
                c 4332120305163645
                d 4046 4332120305163645
                e 04444332120305163645
                f 41312226 1242
                g 4332120305163645 4247381807
                h 0006 0312324346
                i 2226 2021
                j 3237281807 3031
                k 0006 4203 1346
                l 202536
                m 0206 0312222326 2332424346
                n 0206 0312324346
                o 120305163645433212
                p 0208 0312324345361605
                q 4248 4332120305163645
                r 0206 03123242
                s 42321203143445361606
                t 20253646 0242
                u 020516364542 4246
                v 022642
                w 0216233642
                x 0246 4206
                y 022642 2608
                z 02420646
                0 21110205163645423121
                1 112026
                2 0110213142330646
                3 011030413223324345361605
                4 300444 3036
                5 40000212324345361605
                6 4020020405163645433212
                7 004016
                8 2011223120 22130405163645443322
                9 4333020110304146
                = 0343 0545
                + 2226 0444
                / 0640
                . 2626
                , 2628
                - 0444
                """;
        table.lines().forEach(line -> LETTERS.put(line.charAt(0), line.substring(2)));
    }

    private StrokeFont() {}

    /** A point of a letter in grid units. */
    record Dot(double x, double y) {}

    /** The strokes of a letter; none for a blank or a letter that the font lacks. */
    static List<List<Dot>> strokes(char letter) {
        var strokes = new ArrayList<List<Dot>>();
        for (var written :
                LETTERS.getOrDefault(Character.toLowerCase(letter), "").split(" ")) {
            var dots = new ArrayList<Dot>();
            for (var i = 0; i + 1 < written.length(); i += 2) {
                dots.add(new Dot(written.charAt(i) - '0', written.charAt(i + 1) - '0'));
            }
            if (!dots.isEmpty()) {
                strokes.add(dots);
            }
        }
        return strokes;
    }
}
