package notchbook.core.collection;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import notchbook.core.view.Scale;

/** What the values of a detail are. Each is kept as it is written here: numbers with a point, days as year-month-day, "yes" or "no". */
public enum DetailKind {
    WORDS(Scale.WORDS, false),
    NUMBER(Scale.NUMBERS, false),
    DAY(Scale.DAYS, false),
    YES_OR_NO(Scale.WORDS, false),
    ONE_OF(Scale.WORDS, false),
    SOME_OF(Scale.WORDS, true),
    PERSON(Scale.WORDS, true);

    private static final int LONGEST = 200;
    private static final int MOST_DIGITS = 30;

    /** Thousands set apart by spaces (also narrow and fixed ones) or commas, or none; a point before the rest. */
    private static final Pattern IN_THOUSANDS =
            Pattern.compile("[-−]?\\d{1,3}(?:[ ,\\u00A0\\u2009\\u202F]\\d{3})+(?:\\.\\d+)?");

    private static final Pattern PLAIN = Pattern.compile("[-−]?(?:\\d+(?:[.,]\\d+)?|[.,]\\d+)");
    private static final Pattern DAY_FIRST = Pattern.compile("(\\d{1,2})[./](\\d{1,2})[./](\\d{4})");

    private final Scale scale;
    private final boolean holdsSeveral;

    DetailKind(Scale scale, boolean holdsSeveral) {
        this.scale = scale;
        this.holdsSeveral = holdsSeveral;
    }

    public Scale scale() {
        return scale;
    }

    /** Whether a thing can have several values of it. */
    public boolean holdsSeveral() {
        return holdsSeveral;
    }

    /** A value as it is kept; empty for what is none of this kind. */
    public Optional<String> read(String typed) {
        var value = typed.strip();
        if (value.isEmpty() || value.length() > LONGEST) {
            return Optional.empty();
        }
        return switch (this) {
            case WORDS, ONE_OF, SOME_OF, PERSON -> Optional.of(value.replaceAll("\\s+", " "));
            case NUMBER -> number(value);
            case DAY -> day(value);
            case YES_OR_NO ->
                Optional.of(value.toLowerCase(Locale.ROOT)).filter(one -> one.equals("yes") || one.equals("no"));
        };
    }

    /** What has to be typed, as it is said to whoever typed something else. */
    public String asks() {
        return switch (this) {
            case NUMBER -> "Type a number, such as 2400 or 0.5.";
            case DAY -> "Type a day, such as 3.11.2026.";
            case YES_OR_NO -> "Type yes or no.";
            case WORDS, ONE_OF, SOME_OF, PERSON -> "Type up to 200 characters.";
        };
    }

    /** One comma sets the rest apart unless three digits follow it, which is a thousand. */
    private static Optional<String> number(String typed) {
        var digits = IN_THOUSANDS.matcher(typed).matches()
                ? typed.replaceAll("[ ,\\u00A0\\u2009\\u202F]", "")
                : typed.replace(',', '.');
        if (digits.length() > MOST_DIGITS || !PLAIN.matcher(digits).matches()) {
            return Optional.empty();
        }
        return Optional.of(
                new BigDecimal(digits.replace('−', '-')).stripTrailingZeros().toPlainString());
    }

    private static Optional<String> day(String typed) {
        try {
            var dayFirst = DAY_FIRST.matcher(typed);
            var day = dayFirst.matches()
                    ? LocalDate.of(
                            Integer.parseInt(dayFirst.group(3)),
                            Integer.parseInt(dayFirst.group(2)),
                            Integer.parseInt(dayFirst.group(1)))
                    : LocalDate.parse(typed);
            return Optional.of(day.toString()).filter(written -> written.length() == 10);
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }
}
