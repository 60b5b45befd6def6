package notchbook.core.collection;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import notchbook.core.view.Scale;

/** Values as they are read: a number with its unit, a day with its month's name. */
public final class ValueWords {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);
    private static final int MOST_DECIMALS = 2;

    private ValueWords() {}

    public static String of(Scale scale, String unit, String value) {
        return switch (scale) {
            case WORDS -> value;
            case DAYS -> LocalDate.parse(value).format(DAY);
            case NUMBERS -> amount(new BigDecimal(value), unit);
        };
    }

    static String amount(BigDecimal value, String unit) {
        return (digits(value, unit) + " " + unit).strip();
    }

    /** What has no unit may be a year, so its thousands are not set apart. */
    static String digits(BigDecimal value, String unit) {
        var format = NumberFormat.getInstance(Locale.UK);
        format.setMaximumFractionDigits(MOST_DECIMALS);
        format.setGroupingUsed(!unit.isEmpty());
        return format.format(value);
    }
}
