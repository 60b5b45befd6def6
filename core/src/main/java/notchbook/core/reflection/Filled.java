package notchbook.core.reflection;

import notchbook.core.text.Minutes;
import notchbook.core.text.WordRange;
import notchbook.core.text.Words;

/** How much there is of an answer: its words, how long was spoken (s), and whether something was written by hand. */
public record Filled(int words, double spokenSeconds, boolean isHandwritten) {
    /** Who says what they think aloud says about two words a second. */
    private static final double WORDS_A_SECOND = 2;

    public static Filled of(Answer answer, double spokenSeconds, boolean isHandwritten) {
        return new Filled(Words.count(answer.words()), spokenSeconds, isHandwritten);
    }

    /** Whether it is as long as asked. What was written by hand is not counted, and long enough when it is there. */
    public boolean isIn(WordRange range) {
        var all = words + (int) Math.round(spokenSeconds * WORDS_A_SECOND);
        return isHandwritten ? all <= range.most() : range.contains(all);
    }

    /** "62 words", or "12 words and 0:40 spoken". */
    String inWords() {
        var typed = words + (words == 1 ? " word" : " words");
        var seconds = Math.round(spokenSeconds);
        return seconds == 0 ? typed : "%s and %s spoken".formatted(typed, Minutes.of(seconds));
    }
}
