package notchbook.formats.outline;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import notchbook.core.outline.SourceLine;
import notchbook.core.outline.SourceText;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** The lines of a PDF as they stand on its pages: indents and columns as gaps, headings told by their size. */
public final class PdfLines {
    /** A syllabus with all its appendices. */
    private static final int MOST_PAGES = 200;

    private PdfLines() {}

    /**
     * Every line of a PDF that holds words.
     *
     * @throws IllegalArgumentException if it is no PDF, is locked, has more than 200 pages or holds no text; the message
     *     says what to do
     */
    public static List<SourceLine> read(Path file) {
        try (var pdf = Loader.loadPDF(
                new RandomAccessReadBufferedFile(file.toFile()),
                "",
                null,
                null,
                IOUtils.createTempFileOnlyStreamCache())) {
            return lines(pdf);
        } catch (InvalidPasswordException locked) {
            throw new IllegalArgumentException(
                    "This PDF is locked with a password. Save it without one, or copy its text and paste it.", locked);
        } catch (IOException broken) {
            throw new IllegalArgumentException(
                    "This PDF can't be read. Open it, copy its text and paste it here.", broken);
        }
    }

    private static List<SourceLine> lines(PDDocument pdf) throws IOException {
        if (pdf.getNumberOfPages() > MOST_PAGES) {
            throw new IllegalArgumentException(
                    "This PDF has more than 200 pages. Copy the pages that hold the topics, and paste their text.");
        }
        var pages = new PrintedPages();
        var text = pages.getText(pdf);
        if (text.isBlank()) {
            throw new IllegalArgumentException(
                    "This PDF holds pictures of pages and no text. Look for one whose words can be selected, or type the topics.");
        }
        Set<Integer> prominent = pages.prominentLines();
        return SourceText.lines(text, prominent::contains);
    }
}
