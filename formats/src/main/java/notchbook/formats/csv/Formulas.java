package notchbook.formats.csv;

import java.util.regex.Pattern;

/** Keeps text from being run as a formula by the spreadsheet that opens a table. */
final class Formulas {
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+([.,]\\d+)?");

    private Formulas() {}

    /** The text with an apostrophe before it where a spreadsheet would take it for a formula; numbers stay numbers. */
    static String defused(String text) {
        return startsFormula(text) && !NUMBER.matcher(text).matches() ? "'" + text : text;
    }

    /** Takes such an apostrophe off again. */
    static String asWritten(String text) {
        return text.startsWith("'") && startsFormula(text.substring(1)) ? text.substring(1) : text;
    }

    private static boolean startsFormula(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
    }
}
