package notchbook.core.text;

/** A time or a length in minutes and seconds, as people write it. */
public final class Minutes {
    private static final int AN_HOUR = 3_600;

    private Minutes() {}

    /** Such as 3:05, and 1:03:05 from an hour on. */
    public static String of(long seconds) {
        return seconds < AN_HOUR
                ? "%d:%02d".formatted(seconds / 60, seconds % 60)
                : "%d:%02d:%02d".formatted(seconds / AN_HOUR, seconds / 60 % 60, seconds % 60);
    }
}
