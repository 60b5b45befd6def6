package notchbook.core.edition;

import static java.util.stream.Collectors.toUnmodifiableSet;

import com.ibm.icu.text.Normalizer2;
import java.util.Set;
import notchbook.core.find.Token;
import notchbook.core.syllabus.SyllabusNode;

/** A line's words, to be set against another's. */
record Statement(SyllabusNode node, String folded, Set<String> stems) {
    private static final Normalizer2 FOLD = Normalizer2.getNFKCCasefoldInstance();

    static Statement of(SyllabusNode node) {
        var folded = FOLD.normalize(node.title())
                .replace('’', '\'')
                .replaceAll("\\s+", " ")
                .replaceAll("[.;:]$", "")
                .strip();
        return new Statement(
                node, folded, Token.of(folded).stream().map(Token::stem).collect(toUnmodifiableSet()));
    }

    /** Whether two say the same, but for capitals, spaces and a stop at the end. */
    boolean isWordForWord(Statement other) {
        return folded.equals(other.folded);
    }

    /** The share of stems that two statements have in common, from 0 to 1 (Dice's coefficient); 1 only word for word. */
    double alike(Statement other) {
        if (isWordForWord(other)) {
            return 1;
        }
        var shared = stems.stream().filter(other.stems::contains).count();
        var all = stems.size() + other.stems.size();
        return all == 0 ? 0 : Math.min(Math.nextDown(1.0), 2.0 * shared / all);
    }
}
