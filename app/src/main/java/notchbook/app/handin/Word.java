package notchbook.app.handin;

import java.util.Optional;
import java.util.UUID;

/** What a student says to the teacher along with a hand-in, typed or spoken. */
public record Word(String words, Optional<UUID> soundId) {
    public static final Word NONE = new Word("", Optional.empty());

    private static final int LONGEST = 2_000;

    public Word {
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException("A word to your teacher has up to 2,000 characters.");
        }
    }
}
