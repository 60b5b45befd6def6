package notchbook.app.media;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toList;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
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

    /** Who reads as much as two or three lines reads the page as it stands. */
    private static final int SURELY_READ = 60;

    /** Tesseract's own sureness of the way up: a page of print has 10 and more, a wall of bricks under 2. */
    private static final double SURE_OF_THE_WAY_UP = 5;

    private static final Pattern WAY_UP = Pattern.compile("Rotate: (\\d+)\\s+Orientation confidence: ([0-9.]+)");

    private PictureWords() {}

    /** How many letters the words have that are read on a picture without a doubt; upside down there are next to none. */
    public static int sureLetters(byte[] jpeg) {
        try {
            var file = Files.createTempFile("notchbook", ".jpg");
            try {
                Files.write(file, jpeg);
                return letters(of(file));
            } finally {
                Files.delete(file);
            }
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static int letters(String words) {
        return Arrays.stream(words.split("\\P{L}+"))
                .mapToInt(String::length)
                .filter(letters -> letters >= LETTERS_OF_A_WORD)
                .sum();
    }

    /**
     * What can be read on a picture, and how far it has to be turned to stand. Print is read on its side too, so the reader's own
     * sense of the way up decides, where it is sure and the page can be read as it would stand.
     */
    static MediaWords.Reading reading(Path picture) {
        var quarters = quartersToStand(run(picture, "--psm", "0"));
        if (quarters > 0) {
            var standing = words(run(picture, "--psm", "1", "--dpi", "200", "tsv"));
            if (letters(standing) >= SURELY_READ) {
                return new MediaWords.Reading(standing, quarters);
            }
        }
        return new MediaWords.Reading(of(picture), 0);
    }

    /** What Tesseract says of the way up of a page, as quarters to turn it clockwise; 0 where it is not sure. */
    static int quartersToStand(String said) {
        var way = WAY_UP.matcher(said);
        var isSure = way.find() && Double.parseDouble(way.group(2)) >= SURE_OF_THE_WAY_UP;
        return isSure ? Integer.parseInt(way.group(1)) / 90 % 4 : 0;
    }

    /** The words line by line; none where nothing can be read or Tesseract is not installed. */
    static String of(Path picture) {
        return words(run(picture, "--dpi", "200", "tsv"));
    }

    /** What Tesseract writes about a picture; nothing where it has nothing to say or is not installed. */
    private static String run(Path picture, String... options) {
        try {
            var command = new ArrayList<>(List.of("tesseract", picture.toString(), "stdout"));
            command.addAll(List.of(options));
            var builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
            // One page at a time on its own core; the server decides how many pages at once.
            builder.environment().put("OMP_THREAD_LIMIT", "1");
            var process = builder.start();
            process.onExit()
                    .orTimeout(LIMIT_SECONDS, TimeUnit.SECONDS)
                    .exceptionally(late -> process.destroyForcibly());
            return new String(process.getInputStream().readAllBytes(), UTF_8);
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
