package notchbook.formats.syllabus;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.formats.csv.CsvFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SyllabusCsvTest {
    private static final String HEADING = "code,parent,title,statement,weight,tier,exam years\n";

    @Test
    void readsColumnsInAnyOrderAndPassesOverOthers() {
        var result = read(
                "Title,Code,colour,parent,Statement,weight,Tier,exam_years\nSound,1,%s,,,100,,\n,1a,,1,Sound needs a medium,,extended,2028-\n"
                        .formatted("x".repeat(5_000)));
        assertThat(result.breaches()).isEmpty();
        assertThat(result.nodes()).extracting(SyllabusNode::code).containsExactly("1", "1a");
        assertThat(result.nodes().get(1).years().contains(2027)).isFalse();
    }

    /** Tables that name no parents, or have one column of text, as spreadsheets of schools do. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "'Ref;Content;Weighting\n1;Sound;100 %\n1.1;Echo;\n1.1a;Echo as reflection;'",
                "'number,name\n1,Sound\n1.1,Echo\n1.1a,Echo as reflection'",
                "'code,title,statement\n1,Sound,\n1.1,Echo,\n1.1a,,Echo as reflection'",
                "'No.,ignored,Reference,Heading\nx,y,1,Sound\nx,y,1.1,Echo\nx,y,1.1a,Echo as reflection'"
            })
    void tellsParentsAndPointsByTheCodes(String file) {
        var result = read(file);
        assertThat(result.breaches()).isEmpty();
        assertThat(result.nodes())
                .extracting(SyllabusNode::kind)
                .containsExactly(SyllabusNode.Kind.UNIT, SyllabusNode.Kind.TOPIC, SyllabusNode.Kind.POINT);
        assertThat(result.nodes().get(2).parent())
                .contains(result.nodes().get(1).id());
        assertThat(result.nodes().get(2).title()).isEqualTo("Echo as reflection");
    }

    /** A table that says of everything what it is and what it means, as boards' own spreadsheets do. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "'level,code,parent_code,title,statement,weight_percent\nUnit,1,,Sound,All about sound,100%\nTopic,1.1,1,Echo,Sound that comes back,\nPoint,1.1a,1.1,Reflection,Echo as reflection,'",
                "'code,parent_code,title,statement,weight (%)\n1,,Sound,All about sound,100\n1.1,1,Echo,Sound that comes back,\n1.1a,1.1,Reflection,Echo as reflection,'",
                "'Level,Code,Title,Statement\n1,S,Sound,All about sound\n2,E,Echo,Sound that comes back\n3,R,Reflection,Echo as reflection'"
            })
    void keepsTheStatementsOfUnitsAndTopicsAsTheirNotes(String file) {
        var result = read(file);
        assertThat(result.breaches()).isEmpty();
        assertThat(result.nodes())
                .extracting(node -> node.kind() + " " + node.title() + ": " + node.note())
                .containsExactly(
                        "UNIT Sound: All about sound",
                        "TOPIC Echo: Sound that comes back",
                        "POINT Echo as reflection: Reflection");
    }

    @Test
    void doesNotTakeTwelveForAPartOfOne() {
        var result = read("code,name\n1,Sound\n1.1,Echo\n12,Light\n12.1,Mirror\n");
        assertThat(result.nodes().get(2).kind()).isEqualTo(SyllabusNode.Kind.UNIT);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "'title,statement\nSound,' ! 1 ! Choose the column of the codes",
                "'code,weight\n1,100' ! 1 ! Choose the column of the codes",
                "'code,parent,title,statement,weight,tier,exam years' ! 0 ! no rows below its heading",
                "'code,parent,statement\n1,,Sound\n1a,9,s' ! 3 ! parent \"9\" of \"1a\" is not in the file"
            })
    void refusesAFileWholeWithItsLines(String file, int line, String message) {
        var result = read(file);
        assertThat(result.nodes()).isEmpty();
        assertThat(result.breaches().getFirst().line()).isEqualTo(line);
        assertThat(result.breaches().getFirst().message()).contains(message);
    }

    @Test
    void refusesACellOfFiveThousandSignsWithItsLine() {
        var result = read(HEADING + "1,,Sound,,,,\n1a,1,,\"" + "x".repeat(5_000) + "\",,,\n");
        assertThat(result.breaches())
                .containsExactly(new Breach(
                        3, "A cell on this line is longer than 1,000 characters. Is a quotation mark missing?"));
    }

    @Test
    void readsTwoThousandPoints() {
        var file = new StringBuilder(HEADING + "1,,Sound,,100,,\n");
        for (var i = 0; i < 2_000; i++) {
            file.append("1-%d,1,,=%d+1 and \"\"more\"\",,,\n".formatted(i, i));
        }
        var result = read(file.toString());
        assertThat(result.breaches()).isEmpty();
        assertThat(result.nodes()).hasSize(2_001);
    }

    @Test
    void writesWhatItReadsAsTheSameAgain() {
        var file = HEADING.strip()
                + ",note,identifier\n1,,Sound,,60,,,,\n1a,1,,=SUM of waves,12.5,extended,2027-2029,\"see, page 4\",x-7\n1b,1,,Echo,,,,,\n2,,Light,,40,,,,\n2a,2,,Mirrors,,,-2028,,\n";
        var nodes = read(file).nodes();
        var again = SyllabusCsv.write(new Edition(nodes));
        assertThat(new String(again, UTF_8)).contains("'=SUM of waves");
        assertThat(read(new String(again, UTF_8)).nodes())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id", "parent")
                .isEqualTo(nodes);
    }

    private static SyllabusDraft.Result read(String text) {
        var file = CsvFile.read(text.getBytes(UTF_8));
        return SyllabusCsv.read(file, SyllabusColumns.guess(file.headings()), UUID::randomUUID);
    }
}
