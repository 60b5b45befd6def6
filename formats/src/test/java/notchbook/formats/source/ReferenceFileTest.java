package notchbook.formats.source;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.source.Cited;
import notchbook.core.source.Source;
import notchbook.core.source.SourceKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReferenceFileTest {
    private static List<Cited> read(String file) {
        assertThat(ReferenceFile.isOne(file.getBytes(UTF_8))).isTrue();
        return ReferenceFile.read(file.getBytes(UTF_8));
    }

    private static Source source(SourceKind kind, List<String> authors, String published, String where) {
        return new Source(kind, authors, published, where, "", Optional.empty(), Optional.empty(), List.of());
    }

    @Test
    void readsBibTex() {
        var found = read("""
                % from elsewhere
                @article{b1, title={On {Tides} and M{\\"u}hl}, author={Byrne, Ada and {Skerrow Council} and Orr, T.},
                  journal="Coast \\& Sea", year=2024, month=mar, url={https://coast.example/t}}
                @book{b2, title={Walls}, publisher={Harbour Press}, year={1998}}
                @misc{b3, note={no title}}
                """);
        assertThat(found.stream().map(Cited::title)).containsExactly("On Tides and Mühl", "Walls");
        assertThat(found.getFirst().address()).contains("https://coast.example/t");
        assertThat(found.getFirst().source())
                .isEqualTo(source(
                        SourceKind.ARTICLE,
                        List.of("Byrne, Ada", "Skerrow Council", "Orr, T."),
                        "2024-03",
                        "Coast & Sea"));
        assertThat(found.getLast().source()).isEqualTo(source(SourceKind.BOOK, List.of(), "1998", "Harbour Press"));
    }

    @Test
    void readsRis() {
        var found = read(
                "TY  - NEWS\r\nTI  - Wall holds\r\nAU  - Byrne, Ada\r\nPY  - 2024/03/05\r\nT2  - Skerrow Weekly\r\n"
                        + "UR  - https://news.example/w\r\nER  - \r\n");
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().title()).isEqualTo("Wall holds");
        assertThat(found.getFirst().source())
                .isEqualTo(source(SourceKind.NEWS, List.of("Byrne, Ada"), "2024-03-05", "Skerrow Weekly"));
    }

    @Test
    void readsWhatItWrites() {
        var sources = Stream.of(SourceKind.BOOK, SourceKind.ARTICLE, SourceKind.WEB_PAGE)
                .map(kind -> new Cited(
                        UUID.randomUUID(),
                        "50 % of all {costs} & more",
                        Optional.of("https://coast.example/a_b?c=1&d=%20"),
                        new Source(
                                kind,
                                List.of("Byrne, Ada"),
                                "2024",
                                kind == SourceKind.WEB_PAGE ? "" : "Harbour Press",
                                "",
                                Optional.of(LocalDate.of(2026, 11, 3)),
                                Optional.empty(),
                                List.of())))
                .toList();
        var again = read(Ris.write(sources));
        assertThat(again.stream().map(Cited::title)).containsOnly("50 % of all {costs} & more");
        assertThat(again.stream().map(one -> one.source().authors())).containsOnly(List.of("Byrne, Ada"));
        assertThat(read(BibTex.write(sources)).stream().map(Cited::address))
                .containsOnly(Optional.of("https://coast.example/a_b?c=1&d=%20"));
    }

    static Stream<String> broken() {
        return Stream.of(
                "@article{" + "{".repeat(50_000),
                "@book{a, title={never closed",
                "@book{a, title=" + "{".repeat(30) + "x" + "}".repeat(30) + "} }} }",
                "@book{" + "x".repeat(10_000),
                "@\u0000\u0001book{a,");
    }

    @ParameterizedTest
    @MethodSource("broken")
    void refusesInWordsWhatCannotBeRead(String file) {
        assertThatThrownBy(() -> ReferenceFile.read(file.getBytes(UTF_8)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("BibTeX or RIS");
    }

    @Test
    void isNoReferenceFile() {
        assertThat(ReferenceFile.isOne("Dear all, write to me@school.example {soon}".getBytes(UTF_8)))
                .isFalse();
    }

    @Test
    void takesLongWords() {
        var found =
                read("@misc{a, title={%s}, author={%s}, year={none}}".formatted("x".repeat(10_000), "y".repeat(5_000)));
        assertThat(found.getFirst().source().published()).isEmpty();
        assertThat(found.getFirst().source().authors().getFirst()).hasSize(200);
    }
}
