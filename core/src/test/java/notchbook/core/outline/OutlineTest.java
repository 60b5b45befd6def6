package notchbook.core.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusRow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class OutlineTest {
    /** Of all lines of all documents, how many may have to be mended by hand, in per cent. */
    private static final double MOST_MENDED_PERCENT = 1;

    static Stream<Documents> documents() {
        return Documents.all();
    }

    @ParameterizedTest
    @MethodSource("documents")
    void makesASyllabusOfEveryDocument(Documents document) {
        var outline = Outline.of(SourceText.lines(document.text()));
        assertThat(SyllabusDraft.check(OutlineRows.of(outline.lines()), java.util.UUID::randomUUID)
                        .breaches())
                .isEmpty();
    }

    @Test
    void leavesFewLinesToMendByHand() {
        var mendings = Documents.all().map(Documents::mending).toList();
        var mended = mendings.stream().mapToInt(Mending::count).sum();
        var lines = mendings.stream().mapToInt(Mending::lines).sum();
        assertThat(lines).isGreaterThan(500);
        assertThat(mended * 100.0 / lines).as(mendings.toString()).isLessThanOrEqualTo(MOST_MENDED_PERCENT);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '"', textBlock = """
            1 Waves\\n1.1 Sound\\n1.3 Light                 | 1.3 comes after 1.1 here. Is a line missing, or is this a part of the line above it?
            1 Waves\\n(a) sound\\n(c) light                 | The number c does not go on from the line before. Is a line missing, or is this a part of the line above it?
            1 Waves\\n1.1 Sound\\n1.2                       | This number has no words. Are they missing, or is it none?
            1 Waves (20 marks)\\n1.1 a\\n2 Light\\n2.1 b    | What is beside it or above it has no marks, so its weight can't be told. What is it?
            1 Waves\\n1.1 Sound (5 marks)\\n1.2 Echo (15 marks)\\n2 Light\\n2.1 Red (9 marks) | What is beside it or above it has no marks, so its weight can't be told. What is it?
            """)
    void asksWhereItIsUnsure(String text, String question) {
        var outline = Outline.of(SourceText.lines(text.replace("\\n", "\n")));
        assertThat(outline.lines())
                .flatExtracting(line -> line.question().stream().toList())
                .contains(question);
    }

    @Test
    void asksWhetherLinesThatWereJoinedAreOne() {
        var outline = Outline.of(SourceText.lines("""
                1 Waves
                1.1 Explain what the wavelength of a wave has to do with its
                frequency, and why a sound in water is as high as in the open
                Air above it
                1.2 Measure a wave
                """));
        assertThat(outline.lines().get(1).text()).endsWith("in the open Air above it");
        assertThat(outline.lines().get(1).question()).contains("Lines were joined here. Are they one?");
    }

    @Test
    void saysWhatItLeftOut() {
        var outline = Outline.of(SourceText.lines("1 Waves\n1.1 Sound\nPage 3 of 9\n1.2 Light"));
        assertThat(outline.leftOut()).containsExactly(new LeftOut(3, "Page 3 of 9", "the number of a page"));
    }

    @ParameterizedTest
    @CsvSource({
        "'1 Waves\n1.1 Sound\n1.1a pitch', '1, 1.1, 1.1a'",
        "'Unit 2 Waves\nTopic 1 Sound\n(a) pitch\n(i) high\nTopic 2 Light\n(a) red', '2, 2.1, 2.1a, 2.1a.i, 2.2, 2.2a'",
        "'Waves\n\n• sound\n• light', '1, 1a, 1b'",
        "'A. Waves\n1. sound\n2. light\nB. Heat\n1. cold', 'A, A1, A2, B, B1'",
        "'1 Waves\n1.1 Sound\n1.1 Light', '1, 1.1, 1.1.1'",
    })
    void givesEachLineACodeOfItsOwn(String text, String codes) {
        var rows = OutlineRows.of(Outline.of(SourceText.lines(text)).lines());
        assertThat(rows).extracting(SyllabusRow::code).containsExactly(codes.split(", "));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   \n\n", "\f\f", "•", "1", ". . . . . . . .", "(((((", "\t\t\t"})
    void readsWhatHoldsNothing(String text) {
        assertThat(Outline.of(SourceText.lines(text)).lines()).hasSizeLessThan(2);
    }

    @Test
    void readsALongTextInTime() {
        var text = "1.1 Explain how (a) a wave travels and why .....".repeat(2_000) + "\n" + "x ".repeat(50_000);
        assertThat(Outline.of(SourceText.lines(text + "\n1\n".repeat(5_000))).lines())
                .isNotEmpty();
    }
}
