package notchbook.core.notebook;

/** What a page is drawn on; {@code spacingMm} is from one line, square or dot to the next. */
public record Paper(Lines lines, int spacingMm, Tint tint) {
    public static final Paper PLAIN = new Paper(Lines.PLAIN, 8, Tint.WHITE);
    private static final int NARROWEST_MM = 4;
    private static final int WIDEST_MM = 15;

    public enum Lines {
        PLAIN,
        RULED,
        SQUARED,
        DOTTED
    }

    public enum Tint {
        WHITE,
        STRAW,
        SAGE,
        MIST
    }

    public Paper {
        if (spacingMm < NARROWEST_MM || spacingMm > WIDEST_MM) {
            throw new IllegalArgumentException("Lines on paper are 4 to 15 mm apart, not " + spacingMm + ".");
        }
    }
}
