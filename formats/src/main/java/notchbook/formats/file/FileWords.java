package notchbook.formats.file;

import java.io.IOException;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.text.PDFTextStripper;

/** The words in a file, to find it by. A file that can't be read has none: finding it by its name still works. */
public final class FileWords {
    /** A book; what comes after is not found. */
    static final int MOST_CHARACTERS = 100_000;

    private static final int MOST_PAGES = 200;

    private FileWords() {}

    public static String of(String name, Path file) {
        try {
            var words = FileType.of(name, file) == FileType.PDF
                    ? ofPdf(file)
                    : FileText.read(name, file, Extent.WHAT_FITS).plainText();
            return words.substring(0, Math.min(words.length(), MOST_CHARACTERS)).strip();
        } catch (IllegalArgumentException unreadable) {
            return "";
        }
    }

    private static String ofPdf(Path file) {
        var words = new StringWriter();
        try (var pdf = Loader.loadPDF(
                new RandomAccessReadBufferedFile(file.toFile()),
                "",
                null,
                null,
                IOUtils.createTempFileOnlyStreamCache())) {
            var stripper = new PDFTextStripper();
            stripper.setEndPage(MOST_PAGES);
            stripper.writeText(pdf, new Filling(words));
        } catch (IOException | RuntimeException brokenOrFull) {
            // A PDF with a password or a fault gives what could be read of it until there.
            return words.toString();
        }
        return words.toString();
    }

    /** Takes characters until there are enough, then ends the reading. */
    private static final class Filling extends Writer {
        private final StringWriter into;

        Filling(StringWriter into) {
            this.into = into;
        }

        @Override
        public void write(char[] part, int from, int length) throws IOException {
            into.write(part, from, length);
            if (into.getBuffer().length() > MOST_CHARACTERS) {
                throw new IOException("Enough was read.");
            }
        }

        @Override
        public void flush() {}

        @Override
        public void close() {}
    }
}
