package notchbook.formats.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import notchbook.formats.sheet.StyleSheet;

/** The fonts that web pages bring along, so that they look the same on a machine that lacks them. */
public final class WebFonts {
    /** Their style sheet, which looks for them in the folder "fonts" beside it. */
    public static final String STYLE = StyleSheet.read("/fonts.css");

    /** The names of their files. */
    public static final List<String> FILES = List.of(
            "AtkinsonHyperlegible-Regular.ttf", "AtkinsonHyperlegible-Bold.ttf", "AtkinsonHyperlegible-Italic.ttf");

    private WebFonts() {}

    /** One of {@link #FILES}. */
    public static byte[] read(String file) {
        try (var in = WebFonts.class.getResourceAsStream("/fonts/" + file)) {
            return Objects.requireNonNull(in).readAllBytes();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
