package notchbook.core.version;

/** A stretch of a text, from a place to before another, in UTF-16 units. */
public record Span(int from, int to) {
    public Span {
        if (from < 0 || to < from) {
            throw new IllegalArgumentException("A stretch of text goes forward, not from " + from + " to " + to + ".");
        }
    }

    public int length() {
        return to - from;
    }

    /** What two stretches have in common; empty, and without a meaning of its place, where they only touch or lie apart. */
    public Span within(Span other) {
        var start = Math.max(from, other.from);
        return new Span(start, Math.max(start, Math.min(to, other.to)));
    }

    /** What stands there; what lies beyond the end of the text is left out. */
    public String of(String text) {
        return text.substring(Math.min(from, text.length()), Math.min(to, text.length()));
    }

    /** Without the spaces at both its ends. */
    public Span stripped(String text) {
        var inside = of(text);
        var start = from + inside.length() - inside.stripLeading().length();
        return new Span(start, start + inside.strip().length());
    }
}
