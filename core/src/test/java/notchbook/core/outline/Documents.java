package notchbook.core.outline;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** Made-up documents, each with the outline that somebody who reads it would write. */
record Documents(String name, String text, List<String> wanted) {
    private static final String PARTED = "=== outline\n";

    static Stream<Documents> all() {
        try (var files = Files.list(Path.of("src/test/resources/outline"))) {
            return files.sorted().map(Documents::read).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Documents read(Path file) {
        try {
            var parts = Files.readString(file, UTF_8).split(PARTED);
            return new Documents(
                    file.getFileName().toString(), parts[0], parts[1].lines().toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Mending mending() {
        return Mending.of(Outline.of(SourceText.lines(text)).lines(), wanted);
    }
}
