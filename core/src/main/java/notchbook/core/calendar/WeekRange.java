package notchbook.core.calendar;

/** Teaching weeks from {@code first} to {@code last}, both included, numbered from 1. */
public record WeekRange(int first, int last) {
    public WeekRange {
        if (first < 1 || last < first) {
            throw new IllegalArgumentException("Weeks " + first + " to " + last + " are not a range of weeks.");
        }
    }

    /** As one reads it: "week 3", "weeks 3 and 4", "weeks 3 to 6". */
    public String words() {
        return switch (last - first) {
            case 0 -> "week " + first;
            case 1 -> "weeks " + first + " and " + last;
            default -> "weeks " + first + " to " + last;
        };
    }

    public boolean contains(int week) {
        return first <= week && week <= last;
    }
}
