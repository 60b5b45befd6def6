package notchbook.core.view;

import static java.util.Comparator.comparingDouble;
import static java.util.Comparator.naturalOrder;

import java.util.Comparator;

/** How the values of a detail are held against each other. */
public enum Scale {
    /** In the order of the reader's language. */
    WORDS,
    /** Written with a point, without a unit. */
    NUMBERS,
    /** Written as year-month-day, so that their letters are in order of time. */
    DAYS;

    Comparator<String> order(Comparator<String> words) {
        return switch (this) {
            case WORDS -> words;
            case NUMBERS -> comparingDouble(Double::parseDouble);
            case DAYS -> naturalOrder();
        };
    }
}
