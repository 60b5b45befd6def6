package notchbook.core.source;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** When something came out, as exactly as it is known: "2024", "2024-03" or "2024-03-05". */
public final class Published {
    private static final Pattern YEAR_FIRST =
            Pattern.compile("(\\d{4})(?:[-/](\\d{1,2})(?:[-/](\\d{1,2}))?)?(?:[T ].*)?");
    private static final Pattern DAY_FIRST = Pattern.compile("(?:(\\d{1,2})[./])?(\\d{1,2})[./](\\d{4})");

    private Published() {}

    /** A typed or found time as it is kept; blank stays blank, and an {@link IllegalArgumentException} says what to type. */
    public static String read(String typed) {
        var text = typed.strip();
        if (text.isEmpty()) {
            return "";
        }
        var dayFirst = DAY_FIRST.matcher(text);
        if (dayFirst.matches()) {
            return kept(dayFirst, 3, 2, 1);
        }
        var yearFirst = YEAR_FIRST.matcher(text);
        if (yearFirst.matches()) {
            return kept(yearFirst, 1, 2, 3);
        }
        throw asked();
    }

    /** Year, month and day, as far as they are known. */
    public static List<Integer> parts(String published) {
        var parts = new ArrayList<Integer>();
        if (!published.isEmpty()) {
            for (var part : published.split("-")) {
                parts.add(Integer.valueOf(part));
            }
        }
        return parts;
    }

    private static String kept(Matcher found, int year, int month, int day) {
        try {
            if (found.group(month) == null) {
                return found.group(year);
            }
            var inMonth = YearMonth.of(Integer.parseInt(found.group(year)), Integer.parseInt(found.group(month)));
            return found.group(day) == null
                    ? inMonth.toString()
                    : LocalDate.of(inMonth.getYear(), inMonth.getMonth(), Integer.parseInt(found.group(day)))
                            .toString();
        } catch (DateTimeException noDay) {
            throw asked();
        }
    }

    private static IllegalArgumentException asked() {
        return new IllegalArgumentException(
                "Say when it came out as a year (2024), a month (3.2024) or a day (5.3.2024).");
    }
}
