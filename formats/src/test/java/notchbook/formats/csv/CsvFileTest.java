package notchbook.formats.csv;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_16LE;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CsvFileTest {
    static Stream<Arguments> filesOfOtherPrograms() {
        return Stream.of(
                Arguments.of("commas", "code,title\n1,Größe\n".getBytes(UTF_8)),
                Arguments.of("byte order mark", "\uFEFFcode,title\r\n1,Größe\r\n".getBytes(UTF_8)),
                Arguments.of("semicolons", "code;title\n1;Größe".getBytes(UTF_8)),
                Arguments.of("tabs", "code\ttitle\n1\tGröße".getBytes(UTF_8)),
                Arguments.of("Latin-1", "code;title\n1;Größe".getBytes(ISO_8859_1)),
                Arguments.of("UTF-16", "\uFEFFcode\ttitle\n1\tGröße".getBytes(UTF_16LE)),
                Arguments.of("blank lines", "code,title\n\n,\n1,Größe\n\n".getBytes(UTF_8)),
                Arguments.of("quoted heading with commas", "code;\"title\"\n1;Größe".getBytes(UTF_8)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("filesOfOtherPrograms")
    void readsWhatOtherProgramsWrite(String name, byte[] content) {
        var file = CsvFile.read(content);
        assertThat(file.headings()).containsExactly("code", "title");
        assertThat(file.rows()).singleElement().satisfies(row -> {
            assertThat(row.cell(0)).isEqualTo("1");
            assertThat(row.cell(1)).isEqualTo("Größe");
            assertThat(row.cell(7)).isEmpty();
        });
    }

    @Test
    void countsLinesAsTheFileDoesEvenPastCellsWithLineBreaks() {
        var file = CsvFile.read("a,b\n1,\"two\nlines\"\n\n2,x\n".getBytes(UTF_8));
        assertThat(file.rows()).extracting(CsvFile.Row::line).containsExactly(2, 5);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "'' ! The file is empty",
                "'a,b\n1,\"never closed' ! a quotation mark opens and never closes",
                "'a,b\n1,\u0000' ! This is not a text file"
            })
    void refusesWhatIsNoTable(String content, String message) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CsvFile.read(content.getBytes(UTF_8)))
                .withMessageContaining(message);
    }

    @Test
    void refusesMoreRowsThanAnyTableHas() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CsvFile.read("a\n1\n".repeat(10_002).getBytes(UTF_8)))
                .withMessageContaining("more than 10,000 rows");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '#',
            value = {
                "=1+1|'=1+1",
                "@SUM(A1)|'@SUM(A1)",
                "+cmd|'+cmd",
                "-x|'-x",
                "-5|-5",
                "+2.5|+2.5",
                "speed = f × λ|speed = f × λ",
                "'tis|'tis"
            })
    void writesNothingThatASpreadsheetWouldRun(String text, String written) {
        var file = CsvWriter.write(List.of("h"), List.of(List.of(text)));
        assertThat(new String(file, UTF_8)).isEqualTo("\uFEFFh\r\n" + written + "\r\n");
        assertThat(CsvFile.read(file).rows().getFirst().cell(0)).isEqualTo(text);
    }
}
