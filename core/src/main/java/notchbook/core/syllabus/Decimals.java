package notchbook.core.syllabus;

import java.math.BigDecimal;

/** Numbers as they are written in a file. */
final class Decimals {
    private Decimals() {}

    /** Every digit that matters and no other, such as 6.5 or 22. */
    static String plain(double value) {
        var stripped = BigDecimal.valueOf(value).stripTrailingZeros();
        return stripped.toPlainString();
    }
}
