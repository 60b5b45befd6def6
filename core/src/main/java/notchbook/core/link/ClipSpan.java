package notchbook.core.link;

import java.util.Optional;
import java.util.regex.Pattern;
import notchbook.core.text.Minutes;
import org.jspecify.annotations.Nullable;

/** The part of a clip that is played, in s from its beginning; without an end, to the last second. */
public record ClipSpan(int startSeconds, Optional<Integer> endSeconds) {
    /** All of it. */
    public static final ClipSpan WHOLE = new ClipSpan(0, Optional.empty());

    private static final Pattern TIME = Pattern.compile("(?:(?:(\\d{1,2}):)?(\\d{1,3}):)?(\\d{1,5})");

    public ClipSpan {
        if (endSeconds.filter(end -> end <= startSeconds).isPresent()) {
            throw new IllegalArgumentException("A clip ends after it begins: from %s to %s is no part of it."
                    .formatted(Minutes.of(startSeconds), Minutes.of(endSeconds.get())));
        }
    }

    /** Reads two times as they are typed, such as 1:05, 1:02:03 or 65; a blank one is the beginning, or the end. */
    public static ClipSpan parse(String from, String to) {
        return new ClipSpan(seconds(from).orElse(0), seconds(to));
    }

    private static Optional<Integer> seconds(String typed) {
        var text = typed.strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        var found = TIME.matcher(text);
        if (!found.matches()) {
            throw new IllegalArgumentException("“%s” is no time in a clip. It looks like 1:05, in minutes and seconds."
                    .formatted(shortened(text)));
        }
        return Optional.of(number(found.group(1)) * 3_600 + number(found.group(2)) * 60 + number(found.group(3)));
    }

    private static int number(@Nullable String digits) {
        return digits == null ? 0 : Integer.parseInt(digits);
    }

    private static String shortened(String text) {
        return text.length() <= 20 ? text : text.substring(0, 20) + "…";
    }

    /** As it is typed; blank where all of the beginning is played. */
    public String from() {
        return startSeconds == 0 ? "" : Minutes.of(startSeconds);
    }

    /** As it is typed; blank where it plays to its end. */
    public String to() {
        return endSeconds.map(Minutes::of).orElse("");
    }
}
