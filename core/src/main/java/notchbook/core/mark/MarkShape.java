package notchbook.core.mark;

/** The shapes to choose from for a mark of one's own; none of them is a kind of evidence. */
public enum MarkShape {
    RING,
    CROSS,
    BARS,
    ARROW,
    PEAK,
    STEP
}
