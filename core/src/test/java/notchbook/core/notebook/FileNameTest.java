package notchbook.core.notebook;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileNameTest {
    @ParameterizedTest
    @CsvSource({
        "tides.pdf, tides.pdf, pdf",
        "../../etc/passwd, passwd, ''",
        "C:\\Users\\me\\tides.DOCX, tides.DOCX, docx",
        "'', File, ''",
        "' / ', File, ''",
        "مد.pdf, مد.pdf, pdf",
        ".hidden, .hidden, ''",
    })
    void keepsWhatAStudentKnows(String sent, String name, String ending) {
        assertThat(FileName.parse(sent)).isEqualTo(new FileName(name));
        assertThat(FileName.parse(sent).ending()).isEqualTo(ending);
    }

    @Test
    void leavesOutWhatWouldMakeItLookLikeAnother() {
        assertThat(FileName.parse("a\u202Efdp.exe\r\nb").name()).isEqualTo("a fdp.exe b");
    }

    @Test
    void keepsTheEndingOfALongName() {
        assertThat(FileName.parse("wave ".repeat(100) + ".pptx").name())
                .hasSize(FileName.LONGEST)
                .endsWith(".pptx");
    }
}
