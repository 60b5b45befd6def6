package notchbook.core.scan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/** The shapes that school paper comes in, by the proportion of its long side to its short side. */
public enum PageShape {
    /** ISO 216: A4, A5, and B5 too. */
    A_SERIES(Math.sqrt(2)),
    /** 11 by 8½ inches. */
    LETTER(11 / 8.5),
    /** An exercise book of 200 by 165 mm. */
    NOTEBOOK(200.0 / 165);

    /** How far a measured proportion may be off, as a share: what a bent sheet and a soft corner make of it. */
    private static final double TOLERANCE = 0.045;

    private final double proportion;

    PageShape(double proportion) {
        this.proportion = proportion;
    }

    public double proportion() {
        return proportion;
    }

    /** The shape that a measured proportion of width to height is meant to be; empty for a free one. */
    public static Optional<PageShape> near(double widthToHeight) {
        var longToShort = Math.max(widthToHeight, 1 / widthToHeight);
        return Arrays.stream(values())
                .filter(shape -> shape.offBy(longToShort) <= TOLERANCE)
                .min(Comparator.comparingDouble(shape -> shape.offBy(longToShort)));
    }

    private double offBy(double measured) {
        return Math.abs(measured / proportion - 1);
    }
}
