package notchbook.core.syllabus;

import static notchbook.core.syllabus.SyllabusTables.rows;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SyllabusDraftTest {
    @Test
    void tellsUnitsTopicsAndPointsApart() {
        var result = SyllabusDraft.check(rows("1||Unit|\n1.1|1|Topic|\n1.1a|1.1||Statement"), UUID::randomUUID);
        assertThat(result.nodes())
                .extracting(SyllabusNode::kind)
                .containsExactly(SyllabusNode.Kind.UNIT, SyllabusNode.Kind.TOPIC, SyllabusNode.Kind.POINT);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "1||U; 1a|1||s; 1a|1||t ! 4 ! already stands on line 3",
                "1||U; 1a|9||s ! 3 ! parent \"9\" of \"1a\" is not in the file",
                "1|2|U; 2|1|V; 3||W ! 2 ! stands under itself",
                "1||U; 1a|1||s; 1b|1a||t ! 4 ! which has a statement",
                "1||U; |1||s ! 3 ! has no code",
                "1||U; 1.1|1|| ! 3 ! neither a title nor a statement",
                "1||U||heavy ! 2 ! weight \"heavy\"",
                "1||U||-1 ! 2 ! weight \"-1\"",
                "1||U||NaN ! 2 ! weight \"NaN\"",
                "1||U|||golden ! 2 ! tier \"golden\"",
                "1||U||||2029-2027 ! 2 ! exam years \"2029-2027\"",
                "1||U||60; 2||V||30 ! 0 ! weights of the units sum to 90, not to 100",
                "1||U||100; 1.1|1|T||80; 1.2|1|S||40 ! 2 ! weights under \"1\" sum to 120, not to 100",
                "1||U||100; 1.1|1|T||120; 1.2|1|S|| ! 3 ! weight \"120\"",
                "1a|||lone ! 2 ! has no parent"
            })
    void refusesWhatIsWrongWithItsLine(String table, int line, String words) {
        var result = SyllabusDraft.check(rows(table.replace("; ", "\n")), UUID::randomUUID);
        assertThat(result.nodes()).isEmpty();
        assertThat(result.breaches()).anySatisfy(breach -> {
            assertThat(breach.line()).isEqualTo(line);
            assertThat(breach.message()).contains(words);
        });
    }

    @Test
    void gathersEveryBreachInOrderOfLines() {
        var breaches = SyllabusDraft.check(rows("1||U||x\n1a|7||s\n1a|1||t|||?"), UUID::randomUUID)
                .breaches();
        assertThat(breaches).extracting(Breach::line).containsExactly(2, 3, 4, 4);
    }

    @Test
    void refusesAFileWithoutRows() {
        assertThat(SyllabusDraft.check(List.of(), UUID::randomUUID).isAccepted())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "'',2031,true",
        "2027-2029,2029,true",
        "2027-2029,2030,false",
        "2028,2028,true",
        "2028,2029,false",
        "2028-,2099,true",
        "-2027,2028,false"
    })
    void readsExamYears(String written, int year, boolean contained) {
        assertThat(ExamYears.parse(written).orElseThrow().contains(year)).isEqualTo(contained);
    }

    @Test
    void refusesWhatIsLongerThanThereIsRoomFor() {
        var long41 = "x".repeat(41);
        var table = "1||U\n%s|1||s\n1b|1||%s\n1c|1||s||||%s".formatted(long41, "y".repeat(1_001), "z".repeat(201));
        assertThat(SyllabusDraft.check(rows(table), UUID::randomUUID).breaches())
                .extracting(Breach::message)
                .satisfiesExactly(
                        code -> assertThat(code).contains("longer than 40 characters"),
                        text -> assertThat(text).contains("longer than 1,000 characters"),
                        identifier -> assertThat(identifier).contains("longer than 200 characters"));
    }
}
