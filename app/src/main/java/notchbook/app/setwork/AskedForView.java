package notchbook.app.setwork;

import java.util.Optional;
import java.util.Set;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Pattern;
import notchbook.core.setwork.Asked;
import notchbook.core.text.WordRange;

/** What set work asks of each hand-in, beside its instructions. */
public record AskedForView(
        Set<EvidenceKind> kinds,
        Optional<Integer> wordsLeast,
        Optional<Integer> wordsMost,
        boolean withSources,
        Optional<Pattern> pattern) {
    static AskedForView of(Asked asked) {
        return new AskedForView(
                asked.kinds(),
                asked.words().map(WordRange::least),
                asked.words().map(WordRange::most),
                asked.isWithSources(),
                asked.pattern());
    }

    Asked asked() {
        var words = wordsMost.map(most -> new WordRange(wordsLeast.orElse(0), most));
        return new Asked(kinds, words, withSources, pattern);
    }
}
