package notchbook.core.collection;

import java.math.BigDecimal;
import notchbook.core.view.By;
import notchbook.core.view.Scale;

/** Something by which the things of a collection are told apart, with what it is called and its unit (blank where there is none). */
public record ViewColumn(By by, String name, String unit) {
    /** What stands above a column of a table, so that no row has to say the unit. */
    String heading() {
        return unit.isEmpty() ? name : "%s (%s)".formatted(name, unit);
    }

    String inColumn(String value) {
        return by.scale() == Scale.NUMBERS ? ValueWords.digits(new BigDecimal(value), unit) : words(value);
    }

    String words(String value) {
        return ValueWords.of(by.scale(), unit, value);
    }
}
