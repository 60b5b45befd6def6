package notchbook.core.setwork;

import java.util.Optional;
import java.util.Set;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Pattern;
import notchbook.core.text.WordRange;

/**
 * What set work asks of every hand-in: kinds of evidence, how many typed words in all, and whether sources are to be named. A page for
 * it begins with {@code pattern}, where one is given.
 */
public record Asked(
        Set<EvidenceKind> kinds, Optional<WordRange> words, boolean isWithSources, Optional<Pattern> pattern) {
    public static final Asked NOTHING = new Asked(Set.of(), Optional.empty(), false, Optional.empty());
}
