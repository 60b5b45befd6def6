package notchbook.app.entry;

import java.time.Instant;

/** How many entries were made in a month (counted from the year 0), and when the first and the last of them were. */
record MonthSpan(int month, int count, Instant first, Instant last) {
    /** The same month of another notebook goes in. */
    MonthSpan with(MonthSpan other) {
        return new MonthSpan(
                month,
                count + other.count,
                first.isBefore(other.first) ? first : other.first,
                last.isAfter(other.last) ? last : other.last);
    }
}
