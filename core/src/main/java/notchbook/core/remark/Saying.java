package notchbook.core.remark;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.ink.Drawing;

/** What a remark says: typed, spoken, drawn over the work, or by a sign alone; one of them at least. */
public record Saying(String words, Optional<UUID> sound, Optional<Drawing> drawing, Optional<Sign> sign) {
    private static final int LONGEST = 2_000;

    /** What is said without words. */
    public enum Sign {
        AGREE,
        LOOK_AGAIN
    }

    public Saying {
        words = words.strip();
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException("A remark has up to 2,000 characters. Say the rest in a second one.");
        }
        var isDrawn = drawing.filter(drawn -> !drawn.isEmpty()).isPresent();
        if (words.isEmpty() && sound.isEmpty() && !isDrawn && sign.isEmpty()) {
            throw new IllegalArgumentException("A remark needs words, a voice or a line of the pen.");
        }
    }

    public static Saying typed(String words) {
        return new Saying(words, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** It in a few words, for lists. */
    public String gist() {
        if (!words.isEmpty()) {
            return words;
        }
        if (sound.isPresent()) {
            return "A spoken remark";
        }
        return drawing.isPresent()
                ? "Drawn over the work"
                : sign.map(Saying::name).orElse("");
    }

    private static String name(Sign sign) {
        return switch (sign) {
            case AGREE -> "Agree";
            case LOOK_AGAIN -> "Look again";
        };
    }
}
