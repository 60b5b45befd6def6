package notchbook.core.calendar;

/** Teaching weeks from {@code first} to {@code last}, both included, numbered from 1. */
public record WeekRange(int first, int last) {
    public WeekRange {
        if (first < 1 || last < first) {
            throw new IllegalArgumentException("Weeks " + first + " to " + last + " are not a range of weeks.");
        }
    }

    public boolean contains(int week) {
        return first <= week && week <= last;
    }
}
