package notchbook.core.text;

import com.ibm.icu.text.BreakIterator;
import java.util.Locale;

/** Counting words by Unicode word boundaries (UAX #29): a segment counts when it holds letters, digits or ideographs. */
public final class Words {
    private Words() {}

    public static int count(String text) {
        var boundaries = BreakIterator.getWordInstance(Locale.ROOT);
        boundaries.setText(text);
        var words = 0;
        while (boundaries.next() != BreakIterator.DONE) {
            words += boundaries.getRuleStatus() >= BreakIterator.WORD_NONE_LIMIT ? 1 : 0;
        }
        return words;
    }
}
