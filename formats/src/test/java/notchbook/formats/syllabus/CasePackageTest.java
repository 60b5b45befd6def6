package notchbook.formats.syllabus;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CasePackageTest {
    private static final String DOCUMENT = "'CFDocument':{'identifier':'d','title':'Waves','frameworkType':'NB-7'}";

    @Test
    void readsItemsInTheirOrderWithCodesCountedWhereThereAreNone() {
        var read = read(
                "{'identifier':'c','fullStatement':'Echo as reflection','notes':'ears'},{'identifier':'a','fullStatement':'Sound and all about it','abbreviatedStatement':'Sound'},{'identifier':'b','fullStatement':'Echo','humanCodingScheme':'E1'}",
                child("c", "b", 1) + "," + child("a", "d", 2) + "," + child("b", "a", 1));
        assertThat(read.title()).isEqualTo("Waves");
        assertThat(read.code()).isEqualTo("NB-7");
        assertThat(read.result().breaches()).isEmpty();
        assertThat(read.result().nodes())
                .extracting(node -> node.kind() + " " + node.code() + " " + node.title())
                .containsExactly("UNIT 1 Sound", "TOPIC E1 Echo", "POINT E1.1 Echo as reflection");
        assertThat(read.result().nodes().get(2).identifier()).contains("c");
        assertThat(read.result().nodes().get(2).note()).isEqualTo("ears");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "a under b; b under a ! stands under itself",
                "a under d; b under nowhere ! The parent \"nowhere\" of",
                "a under d; b under a; a twice ! already stands on line 1"
            })
    void refusesAPackageWholeWithTheItem(String ties, String message) {
        var items =
                "{'identifier':'a','fullStatement':'A','humanCodingScheme':'1'},{'identifier':'b','fullStatement':'B','humanCodingScheme':'1.1'}"
                        + (ties.contains("twice")
                                ? ",{'identifier':'e','fullStatement':'E','humanCodingScheme':'1'}"
                                : "");
        var associations = ties.replace("; a twice", "; e under d").split("; ");
        var read = read(
                items,
                Arrays.stream(associations)
                        .map(tie -> child(tie.split(" under ")[0], tie.split(" under ")[1], 1))
                        .collect(Collectors.joining(",")));
        assertThat(read.result().nodes()).isEmpty();
        assertThat(read.result().breaches()).extracting(Breach::message).anyMatch(one -> one.contains(message));
    }

    @Test
    void refusesAChainOfTenThousandLevels() {
        var items = IntStream.range(0, 10_000)
                .mapToObj(
                        i -> "{'identifier':'i%d','fullStatement':'S%d','humanCodingScheme':'c%d'}".formatted(i, i, i))
                .collect(Collectors.joining(","));
        var ties = IntStream.range(0, 10_000)
                .mapToObj(i -> child("i" + i, i == 0 ? "d" : "i" + (i - 1), 1))
                .collect(Collectors.joining(","));
        assertThat(read(items, ties).result().breaches())
                .extracting(Breach::message)
                .anyMatch(one -> one.contains("levels deep"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "{'CFDocument': ! This JSON file is broken",
                "[1,2] ! no CASE package",
                "{'CFDocument':{}} ! no CASE package",
                "{'CFItems':[],'CFDocument':'x'} ! no CASE package"
            })
    void refusesWhatIsNoPackage(String file, String message) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CasePackage.read(bytes(file), UUID::randomUUID))
                .withMessageContaining(message);
    }

    @Test
    void refusesATextOfFiveThousandSigns() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> read(
                        "{'identifier':'a','fullStatement':'%s'}".formatted("x".repeat(5_000)), child("a", "d", 1)))
                .withMessageContaining("longer than 1,000 characters");
    }

    @Test
    void writesWhatItReadsAsTheSameAgain() {
        var read = read(
                "{'identifier':'6f0c0e5a-0000-4000-8000-000000000001','fullStatement':'Sound','humanCodingScheme':'1','conceptKeywords':['weight: 100']},{'identifier':'6f0c0e5a-0000-4000-8000-000000000002','fullStatement':'Echo','humanCodingScheme':'1a','notes':'ears','conceptKeywords':['tier: extended','bats'],'statusStartDate':'2028-01-01'}",
                child("6f0c0e5a-0000-4000-8000-000000000001", "d", 1)
                        + ","
                        + child("6f0c0e5a-0000-4000-8000-000000000002", "6f0c0e5a-0000-4000-8000-000000000001", 1));
        var nodes = read.result().nodes();
        var written = CaseWriter.write(new Edition(nodes), UUID.randomUUID(), "NB-7", "Waves", Instant.EPOCH);
        var again = CasePackage.read(written, UUID::randomUUID);
        assertThat(again.title() + " " + again.code()).isEqualTo("Waves NB-7");
        assertThat(again.result().nodes())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id", "parent")
                .isEqualTo(nodes);
        assertThat(nodes).extracting(SyllabusNode::years).extracting("first").containsExactly(0, 2028);
    }

    private static CasePackage.Read read(String items, String associations) {
        var file = "{%s,'CFItems':[%s],'CFAssociations':[%s]}".formatted(DOCUMENT, items, associations);
        return CasePackage.read(bytes(file), UUID::randomUUID);
    }

    private static String child(String child, String parent, int number) {
        return "{'associationType':'isChildOf','originNodeURI':{'identifier':'%s'},'destinationNodeURI':{'identifier':'%s'},'sequenceNumber':%d}"
                .formatted(child, parent, number);
    }

    private static byte[] bytes(String json) {
        return json.replace('\'', '"').getBytes(UTF_8);
    }
}
