package notchbook.formats.file;

import static java.nio.charset.StandardCharsets.UTF_16;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileTypeTest {
    @ParameterizedTest
    @CsvSource({
        "notes.txt, Waves carry energy, TEXT",
        "notes, Waves carry energy, TEXT",
        "notes.md, # Waves, MARKDOWN",
        "times.csv, 'try,s', CSV",
        "times.TSV, try, CSV",
        "page.htm, <p>Waves</p>, HTML",
        "page.txt, <!DOCTYPE html><p>Waves</p>, HTML",
        "notes.pdf, only the name says so, TEXT",
        "notes.txt, %PDF-1.7 and so on, PDF",
    })
    void tellsTextByItsNameAndTheRestByItsContent(String name, String content, FileType type) {
        assertThat(of(name, content.getBytes(UTF_8))).isEqualTo(type);
    }

    @Test
    void tellsDocumentsByTheirParts() {
        assertThat(of("a.zip", Archives.docx("<w:p/>"))).isEqualTo(FileType.DOCX);
        assertThat(of("a.txt", Archives.xlsx("<row/>"))).isEqualTo(FileType.XLSX);
        assertThat(of("a.docx", Archives.odt("<text:p/>"))).isEqualTo(FileType.ODT);
        assertThat(of("a.docx", Archives.zip("a.txt", "x"))).isEqualTo(FileType.OTHER);
        assertThat(of("a.docx", Archives.zip("content.xml", "x", "mimetype", "text/plain")))
                .isEqualTo(FileType.OTHER);
    }

    @Test
    void takesWhatIsBrokenOrBinaryAsNoneOfThese() {
        var whole = Archives.docx("<w:p/>");
        assertThat(of("a.docx", Arrays.copyOf(whole, whole.length / 2))).isEqualTo(FileType.OTHER);
        assertThat(of("a.txt", new byte[] {'a', 0, 'b'})).isEqualTo(FileType.OTHER);
    }

    @Test
    void knowsTextInAnyScriptEvenWhenALetterIsCutAtTheEnd() {
        assertThat(of("a.txt", "موج صوتية 🌊".getBytes(UTF_16))).isEqualTo(FileType.TEXT);
        var long65 = ("a" + "é".repeat(40_000)).getBytes(UTF_8);
        assertThat(of("a.txt", long65)).isEqualTo(FileType.TEXT);
    }

    private static FileType of(String name, byte[] content) {
        return FileType.of(name, Archives.file(content));
    }
}
