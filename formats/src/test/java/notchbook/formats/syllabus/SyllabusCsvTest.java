package notchbook.formats.syllabus;

import static java.nio.charset.StandardCharsets.UTF_16;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SyllabusCsvTest {
    private static final String HEADING = "code,parent,title,statement,weight,tier,exam years\n";

    @Test
    void readsColumnsInAnyOrderAndPassesOverOthers() {
        var result = read(
                "\uFEFFTitle,Code,note,parent,Statement,weight,Tier,exam_years\nSound,1,x,,,100,,\n,1a,,1,Sound needs a medium,,extended,2028-\n");
        assertThat(result.breaches()).isEmpty();
        assertThat(result.nodes()).extracting(SyllabusNode::code).containsExactly("1", "1a");
        assertThat(result.nodes().get(1).years().contains(2027)).isFalse();
    }

    @Test
    void countsLinesAsTheFileDoesEvenPastCellsWithLineBreaks() {
        var result = read(HEADING + "1,,\"Sound\nand echo\",,,,\n\n1a,9,,s,,,\n");
        assertThat(result.breaches()).extracting(Breach::line).containsExactly(5);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "'' ! The file is empty",
                "'code,title\n1,Sound' ! The heading lacks parent, statement, weight, tier, exam years",
                "'%code,parent,title\n' ! The heading lacks",
                "code,parent,title,statement,weight,tier,exam years ! no rows below its heading"
            })
    void refusesAFileOfAnotherShape(String file, String message) {
        assertRefused(file, message);
    }

    @Test
    void refusesAQuotationMarkThatNeverCloses() {
        assertRefused(HEADING + "1,,\"Sound,,,,\n", "quotation mark");
    }

    @Test
    void refusesACellOfAMegabyte() {
        assertRefused(HEADING + "1,,\"" + "x".repeat(1_000_000) + "\",,,,\n", "longer than 1,000 characters");
    }

    @Test
    void refusesMoreRowsThanAnySyllabusHas() {
        var file = new StringBuilder(HEADING);
        for (var i = 0; i <= 10_000; i++) {
            file.append(i).append(",,Unit,,,,\n");
        }
        assertRefused(file.toString(), "more than 10,000 rows");
    }

    @Test
    void refusesWhatIsNotUtf8() {
        var result = SyllabusCsv.read(HEADING.getBytes(UTF_16), UUID::randomUUID);
        assertThat(result.breaches().getFirst().message()).contains("UTF-8");
    }

    private static SyllabusDraft.Result read(String file) {
        return SyllabusCsv.read(file.getBytes(UTF_8), UUID::randomUUID);
    }

    private static void assertRefused(String file, String message) {
        var result = read(file);
        assertThat(result.nodes()).isEmpty();
        assertThat(result.breaches().getFirst().message()).contains(message);
    }
}
