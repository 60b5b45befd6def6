package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/**
 * What a checker of the standard finds in pages of HTML. It has libraries in other versions than ours, so it is a process of its own;
 * it comes with the packages of the front end.
 */
public final class HtmlFindings {
    private static final Path CHECKER = Path.of("../web/node_modules/vnu-jar/build/dist/vnu.jar");
    private static final int LIMIT_SECONDS = 120;

    /** Words that are made up are in no language. */
    private static final String NO_LANGUAGES = "--no-langdetect";

    /** Pages are written as XHTML, so that books can be made of them. */
    private static final String XHTML = "info: Trailing slash on void elements has no effect";

    private HtmlFindings() {}

    /** Errors and warnings in pages, each page under a name. */
    public static List<String> of(Map<String, String> pages) {
        assertThat(CHECKER)
                .as("the checker of HTML; npm --prefix web ci brings it")
                .exists();
        try {
            var folder = Files.createTempDirectory("pages");
            for (var page : pages.entrySet()) {
                Files.writeString(folder.resolve(page.getKey() + ".html"), page.getValue());
            }
            return said(folder).lines().toList();
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static String said(Path folder) throws IOException {
        var said = Files.createTempFile("findings", ".txt");
        var java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        var checker = new ProcessBuilder(
                        java, "-Xss8m", "-jar", CHECKER.toString(), "--format", "gnu", NO_LANGUAGES, folder.toString())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        try {
            assertThat(checker.waitFor(LIMIT_SECONDS, TimeUnit.SECONDS))
                    .as("the checker came to an end")
                    .isTrue();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException("The checker was stopped.", stopped);
        }
        return Files.readString(said)
                .lines()
                .filter(line -> !line.contains("JAVA_TOOL_OPTIONS") && !line.contains(XHTML))
                .collect(joining("\n"));
    }
}
