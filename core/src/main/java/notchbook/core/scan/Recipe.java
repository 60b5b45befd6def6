package notchbook.core.scan;

/** How a photo is made a page: where the page lies in it, how many quarters it is turned to the right, how it looks. */
public record Recipe(Quad quad, int quarters, Finish finish) {
    /** The photo itself. */
    public static final Recipe WHOLE = new Recipe(Quad.WHOLE, 0, Finish.AS_TAKEN);

    public Recipe {
        if (quarters < 0 || quarters > 3) {
            throw new IllegalArgumentException("A page is turned by 0 to 3 quarters, not by " + quarters + ".");
        }
    }
}
