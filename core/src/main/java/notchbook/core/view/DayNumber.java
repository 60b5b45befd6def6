package notchbook.core.view;

/**
 * Days as numbers from 1970-01-01 on, and back, for calendars are not at hand in the browser. The sums are those of the proleptic Gregorian
 * calendar, counted in eras of 400 years that begin with March.
 */
final class DayNumber {
    private static final int DAYS_OF_ERA = 146_097;
    private static final int BEFORE_1970 = 719_468;

    private DayNumber() {}

    /** Of a day that is written as year-month-day. */
    static int of(String day) {
        return of(
                Integer.parseInt(day.substring(0, 4)),
                Integer.parseInt(day.substring(5, 7)),
                Integer.parseInt(day.substring(8)));
    }

    static int of(int year, int month, int dayOfMonth) {
        var shifted = month <= 2 ? year - 1 : year;
        var era = Math.floorDiv(shifted, 400);
        var yearOfEra = shifted - era * 400;
        var dayOfYear = (153 * (month > 2 ? month - 3 : month + 9) + 2) / 5 + dayOfMonth - 1;
        return era * DAYS_OF_ERA + yearOfEra * 365 + yearOfEra / 4 - yearOfEra / 100 + dayOfYear - BEFORE_1970;
    }

    /** Written as year-month-day. */
    static String written(int number) {
        var shifted = number + BEFORE_1970;
        var era = Math.floorDiv(shifted, DAYS_OF_ERA);
        var dayOfEra = shifted - era * DAYS_OF_ERA;
        var yearOfEra = (dayOfEra - dayOfEra / 1_460 + dayOfEra / 36_524 - dayOfEra / 146_096) / 365;
        var dayOfYear = dayOfEra - (365 * yearOfEra + yearOfEra / 4 - yearOfEra / 100);
        var fromMarch = (5 * dayOfYear + 2) / 153;
        var dayOfMonth = dayOfYear - (153 * fromMarch + 2) / 5 + 1;
        var month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9;
        var year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
        return padded(year, 4) + "-" + padded(month, 2) + "-" + padded(dayOfMonth, 2);
    }

    private static String padded(int number, int length) {
        var digits = String.valueOf(number);
        return "0".repeat(Math.max(0, length - digits.length())) + digits;
    }
}
