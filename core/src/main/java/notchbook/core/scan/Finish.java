package notchbook.core.scan;

/** How a scanned page looks. The photo stays, so another finish can be chosen at any time. */
public enum Finish {
    /** Straightened and turned, its light as it was. */
    AS_TAKEN,
    /** Shadows taken out and the paper made white, colours kept. */
    EVEN_LIGHT,
    /** Black and grey on white, for pencil and print. */
    INK_ON_WHITE
}
