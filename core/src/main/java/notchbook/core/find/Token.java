package notchbook.core.find;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.text.Normalizer2;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.tartarus.snowball.ext.EnglishStemmer;

/**
 * A word of a text: as it is compared (case and width folded), its stem, and where it stands, from {@code start} to
 * before {@code end}. Words are cut by Unicode word boundaries (UAX #29) and stemmed by Porter's second algorithm.
 */
public record Token(String word, String stem, int start, int end) {
    private static final Normalizer2 FOLD = Normalizer2.getNFKCCasefoldInstance();

    /** Words of school subjects whose plural the algorithm does not bring together with the singular. */
    private static final Map<String, String> IRREGULAR = Map.ofEntries(
            Map.entry("lens", "lens"),
            Map.entry("lenses", "lens"),
            Map.entry("gas", "gas"),
            Map.entry("gases", "gas"),
            Map.entry("axes", "axis"),
            Map.entry("foci", "focus"),
            Map.entry("radii", "radius"),
            Map.entry("nuclei", "nucleus"),
            Map.entry("media", "medium"),
            Map.entry("maxima", "maximum"),
            Map.entry("minima", "minimum"),
            Map.entry("spectra", "spectrum"),
            Map.entry("phenomena", "phenomenon"),
            Map.entry("analyses", "analysis"),
            Map.entry("hypotheses", "hypothesis"));

    /** The words of a text in their order; what holds no letter, digit or ideograph is no word. */
    public static List<Token> of(String text) {
        var stemmer = new EnglishStemmer();
        var boundaries = BreakIterator.getWordInstance(Locale.ROOT);
        boundaries.setText(text);
        var tokens = new ArrayList<Token>();
        var start = boundaries.first();
        for (var end = boundaries.next(); end != BreakIterator.DONE; start = end, end = boundaries.next()) {
            if (boundaries.getRuleStatus() >= BreakIterator.WORD_NONE_LIMIT) {
                var word = FOLD.normalize(text.substring(start, end)).replace('’', '\'');
                tokens.add(new Token(word, stem(stemmer, word), start, end));
            }
        }
        return tokens;
    }

    private static String stem(EnglishStemmer stemmer, String word) {
        stemmer.setCurrent(IRREGULAR.getOrDefault(word, word));
        if (IRREGULAR.containsValue(stemmer.getCurrent())) {
            return stemmer.getCurrent();
        }
        stemmer.stem();
        return stemmer.getCurrent();
    }
}
