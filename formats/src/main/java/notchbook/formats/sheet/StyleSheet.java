package notchbook.formats.sheet;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Objects;

/** The style sheets that ship with the formats. */
public final class StyleSheet {
    private StyleSheet() {}

    public static String read(String path) {
        try (var in = Objects.requireNonNull(StyleSheet.class.getResourceAsStream(path), path)) {
            return new String(in.readAllBytes(), UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
