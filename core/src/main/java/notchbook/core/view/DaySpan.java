package notchbook.core.view;

/** What a chart of days counts by, so that it has a bar for each and not too many of them. */
public enum DaySpan {
    DAY,
    WEEK,
    MONTH,
    YEAR;

    /** As many bars as can still be told apart beside each other. */
    private static final int MOST = 26;

    private static final int WEEK_DAYS = 7;
    private static final int LONGEST_MONTH = 31;

    /** The shortest span that takes few enough bars from the first day to the last. */
    static DaySpan over(int first, int last) {
        var days = last - first + 1;
        if (days <= MOST) {
            return DAY;
        }
        if (days <= MOST * WEEK_DAYS) {
            return WEEK;
        }
        return days <= MOST * LONGEST_MONTH ? MONTH : YEAR;
    }

    /** The first day of the span that a day is in; weeks begin on Monday. */
    int firstOf(int day) {
        var written = DayNumber.written(day);
        return switch (this) {
            case DAY -> day;
            case WEEK -> day - Math.floorMod(day + 3, WEEK_DAYS);
            case MONTH -> DayNumber.of(written.substring(0, 7) + "-01");
            case YEAR -> DayNumber.of(written.substring(0, 4) + "-01-01");
        };
    }

    /** The first day of the span after the one that begins on a day. */
    int after(int first) {
        return switch (this) {
            case DAY -> first + 1;
            case WEEK -> first + WEEK_DAYS;
            case MONTH -> firstOf(first + LONGEST_MONTH);
            case YEAR -> firstOf(first + 366);
        };
    }
}
