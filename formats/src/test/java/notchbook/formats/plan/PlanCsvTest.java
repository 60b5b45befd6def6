package notchbook.formats.plan;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.syllabus.Editions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlanCsvTest {
    private final Edition edition = Editions.of("code,title\n2,Sound\n2.3,Echoes\n2.3a,Echo\n2.4,Bats\n2.4a,Bat\n");

    @Test
    void readsWhatItWritesAsTheSameAgain() {
        var read = read("topic;title;first week;last week\n2.3;Echoes;7;8\n2.4;;9;\n");
        assertThat(read.breaches()).isEmpty();
        assertThat(read.plan().values()).containsExactly(new WeekRange(7, 8), new WeekRange(9, 9));
        var written = PlanCsv.write(read.plan(), edition);
        assertThat(PlanCsv.read(CsvFile.read(written), edition, 36)).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "2.3,8,7 ! are not a range of weeks",
                "2.3,37, ! The year has the weeks 1 to 36",
                "2.3,soon, ! \"soon\" is no teaching week",
                "2.3a,7, ! no topic \"2.3a\"",
                "9.9,7, ! no topic \"9.9\"",
                "2.4,9, ! stands in the file twice"
            })
    void refusesAFileWholeWithItsLines(String row, String message) {
        var read = read("topic,first week,last week\n2.4,9,\n" + row + "\n");
        assertThat(read.plan()).isEmpty();
        assertThat(read.breaches()).extracting(Breach::line).containsExactly(3);
        assertThat(read.breaches().getFirst().message()).contains(message);
    }

    @Test
    void refusesATableOfSomethingElse() {
        assertThat(read("colour,size\nred,2").breaches().getFirst().message()).contains("lacks topic or first week");
    }

    private PlanCsv.Read read(String file) {
        return PlanCsv.read(CsvFile.read(file.getBytes(UTF_8)), edition, 36);
    }
}
