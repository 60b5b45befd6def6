package notchbook.formats.paper;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.core.paper.PaperName;
import notchbook.core.paper.PastPaper;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.syllabus.Editions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaperCsvTest {
    private static final String HEADING =
            "year,sitting,variant,paper,done on,marks,out of,minutes,question,topic,question marks,question out of\n";
    private final Edition edition = Editions.of("code,title\n2,Sound\n2.3,Echoes\n2.3a,Echo\n");

    @Test
    void readsPapersWithTheirQuestionsAndThoseNotDoneYet() {
        var read = read(
                "2027,summer,,1,2026-11-03,31,40,60,1a,2.3,2,3\n2027,summer,,1,2026-11-03,31,40,60,1b,2.3,3,5\n2026,,,2,,,,,,,,\n");
        assertThat(read.breaches()).isEmpty();
        assertThat(read.papers().keySet())
                .extracting(PaperName::words)
                .containsExactly("2027 summer, paper 1", "2026, paper 2");
        var done = read.papers().values().iterator().next().orElseThrow();
        assertThat(done.byTopic()).singleElement().satisfies(mark -> assertThat(mark.marks())
                .isEqualTo(5));
        assertThat(done.minutes()).contains(60);
    }

    @Test
    void writesWhatItReadsAsTheSameAgain() {
        var read = read("2027,=SUM,,1,2026-11-03,31,40,60,1a,2.3,2.5,3\n2026,,,2,,,,,,,,\n");
        var papers = read.papers().entrySet().stream()
                .map(paper -> new PastPaper(UUID.randomUUID(), paper.getKey(), paper.getValue()))
                .toList();
        var written = PaperCsv.write(papers, edition);
        assertThat(new String(written, UTF_8)).contains("2027,'=SUM,,1,2026-11-03,31,40,60,1a,2.3,2.5,3");
        assertThat(PaperCsv.read(CsvFile.read(written), edition)).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "2027,,,1,3.11.2026,,,,,,, ! can't be read",
                "2027,,,1,2026-11-03,41,40,,,,, ! can't be",
                "2027,,,1,2026-11-03,,,,1a,9.9,1,2 ! no topic \"9.9\"",
                "2027,,,1,2026-11-03,,,,1a,2.3,, ! Question 1a",
                "soon,,,1,,,,,,,, ! is no number",
                ",,,,2026-11-03,,,,,,, ! Say which paper it is"
            })
    void refusesAFileWholeWithItsLines(String row, String message) {
        var read = read("2026,,,2,,,,,,,,\n" + row + "\n");
        assertThat(read.papers()).isEmpty();
        assertThat(read.breaches()).extracting(Breach::line).containsExactly(3);
        assertThat(read.breaches().getFirst().message()).contains(message);
    }

    @Test
    void refusesATableOfSomethingElse() {
        var read = PaperCsv.read(CsvFile.read("colour,size\nred,2".getBytes(UTF_8)), edition);
        assertThat(read.breaches().getFirst().message()).contains("neither year nor paper");
    }

    private PaperCsv.Read read(String rows) {
        return PaperCsv.read(CsvFile.read((HEADING + rows).getBytes(UTF_8)), edition);
    }
}
