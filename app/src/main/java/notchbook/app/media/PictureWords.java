package notchbook.app.media;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toList;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The printed words on a page, read by Tesseract; of handwriting and drawings little comes, and nothing unsure. */
public final class PictureWords {
    private static final Logger LOG = LoggerFactory.getLogger(PictureWords.class);
    private static final int LIMIT_SECONDS = 90;

    /** Tesseract's own sureness of a word, from 0 to 100; below, what it reads is mostly strokes of a pen. */
    private static final double LEAST_SURE = 60;

    /** The columns of Tesseract's table: from the second on, page, block, paragraph and line tell the line. */
    private static final int LINE_KEY_END = 5;

    private static final int SURENESS_COLUMN = 10;
    private static final int WORD_COLUMN = 11;

    /** Of shorter words some are read on any page, however it lies. */
    private static final int LETTERS_OF_A_WORD = 4;

    private PictureWords() {}

    /** How many letters the words have that are read on a picture without a doubt; upside down there are next to none. */
    public static int sureLetters(byte[] jpeg) {
        try {
            var file = Files.createTempFile("notchbook", ".jpg");
            try {
                Files.write(file, jpeg);
                return Arrays.stream(of(file).split("\\P{L}+"))
                        .mapToInt(String::length)
                        .filter(letters -> letters >= LETTERS_OF_A_WORD)
                        .sum();
            } finally {
                Files.delete(file);
            }
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** The words line by line; none where nothing can be read or Tesseract is not installed. */
    static String of(Path picture) {
        try {
            var builder = new ProcessBuilder("tesseract", picture.toString(), "stdout", "--dpi", "200", "tsv")
                    .redirectError(ProcessBuilder.Redirect.DISCARD);
            // One page at a time on its own core; the server decides how many pages at once.
            builder.environment().put("OMP_THREAD_LIMIT", "1");
            var process = builder.start();
            process.onExit()
                    .orTimeout(LIMIT_SECONDS, TimeUnit.SECONDS)
                    .exceptionally(late -> process.destroyForcibly());
            return words(new String(process.getInputStream().readAllBytes(), UTF_8));
        } catch (IOException notInstalled) {
            LOG.warn("Words on photographed pages are not read: Tesseract is not installed.", notInstalled);
            return "";
        }
    }

    static String words(String table) {
        return table
                .lines()
                .map(line -> line.split("\t"))
                .filter(row -> row.length > WORD_COLUMN && isSure(row))
                .collect(groupingBy(PictureWords::line, LinkedHashMap::new, toList()))
                .values()
                .stream()
                .map(words -> words.stream().map(row -> row[WORD_COLUMN]).collect(joining(" ")))
                .collect(joining("\n"));
    }

    private static boolean isSure(String[] row) {
        var sureness = row[SURENESS_COLUMN];
        return sureness.matches("[0-9.]+") && Double.parseDouble(sureness) >= LEAST_SURE && !row[WORD_COLUMN].isBlank();
    }

    private static String line(String[] row) {
        return String.join(" ", Arrays.copyOfRange(row, 1, LINE_KEY_END));
    }
}
