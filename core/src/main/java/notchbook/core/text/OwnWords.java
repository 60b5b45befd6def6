package notchbook.core.text;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * How far a text is in its writer's own words, set against the texts it draws on. Case and punctuation make no
 * difference; what stands in quotation marks or in a quotation is said to be another's, and left out. A run never goes
 * over the end of a line.
 */
public record OwnWords(Optional<Run> longest, double copiedShare) {
    /** Shorter runs are everybody's words: "the speed of sound" belongs to nobody. */
    public static final int RUN_WORDS = 5;

    private static final Pattern QUOTED = Pattern.compile("“[^”]*”|\"[^\"]*\"|„[^“]*“|«[^»]*»");

    /** Words in a row that the source has too, as they stand in the own text. */
    public record Run(int words, String text) {}

    private record Word(String plain, int from, int to) {}

    /** {@code copiedShare} is of the own text's runs of five words, from 0 to 1; 0 where it has none. */
    public static OwnWords measure(Document own, List<Document> sources) {
        var source = new WordRuns();
        var copied = new HashSet<List<String>>();
        for (var line : sources.stream().flatMap(text -> text.lines().stream()).toList()) {
            var words = plain(words(line.words()));
            source.add(words);
            copied.addAll(runsOfFive(words));
        }
        Optional<Run> longest = Optional.empty();
        var fives = 0;
        var shared = 0;
        for (var line : own.lines()) {
            for (var stretch : line.isQuoted() ? List.<String>of() : List.of(QUOTED.split(line.words()))) {
                var words = words(stretch);
                var five = runsOfFive(plain(words));
                fives += five.size();
                shared += (int) five.stream().filter(copied::contains).count();
                longest = longer(longest, run(stretch, words, source));
            }
        }
        return new OwnWords(longest.filter(run -> run.words() >= RUN_WORDS), fives == 0 ? 0 : (double) shared / fives);
    }

    private static Optional<Run> longer(Optional<Run> one, Optional<Run> other) {
        var isOther = other.map(Run::words).orElse(0) > one.map(Run::words).orElse(0);
        return isOther ? other : one;
    }

    private static Optional<Run> run(String text, List<Word> words, WordRuns source) {
        var span = source.longestIn(plain(words));
        if (span.length() == 0) {
            return Optional.empty();
        }
        var last = words.get(span.end() - 1);
        var first = words.get(span.end() - span.length());
        return Optional.of(new Run(span.length(), text.substring(first.from(), last.to())));
    }

    private static List<List<String>> runsOfFive(List<String> words) {
        var runs = new ArrayList<List<String>>();
        for (var from = 0; from + RUN_WORDS <= words.size(); from++) {
            runs.add(words.subList(from, from + RUN_WORDS));
        }
        return runs;
    }

    private static List<String> plain(List<Word> words) {
        return words.stream().map(Word::plain).toList();
    }

    private static List<Word> words(String text) {
        var boundaries = BreakIterator.getWordInstance(Locale.ROOT);
        boundaries.setText(text);
        var words = new ArrayList<Word>();
        for (int from = boundaries.first(), to = boundaries.next();
                to != BreakIterator.DONE;
                from = to, to = boundaries.next()) {
            if (boundaries.getRuleStatus() >= BreakIterator.WORD_NONE_LIMIT) {
                words.add(new Word(text.substring(from, to).toLowerCase(Locale.ROOT), from, to));
            }
        }
        return words;
    }
}
