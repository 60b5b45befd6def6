package notchbook.app.entry;

/** Some of entries in order of time: {@code most} from a place on that is counted from 0, out of {@code all}. */
public record Stretch(int from, int most, int all) {
    /** How many there are from its first place on. */
    int rest() {
        return Math.max(0, all - from);
    }

    boolean isNearerToTheEnd() {
        return rest() < from;
    }

    int length() {
        return Math.min(most, rest());
    }
}
