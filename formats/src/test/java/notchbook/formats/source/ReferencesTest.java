package notchbook.formats.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.source.Cited;
import notchbook.core.source.Source;
import notchbook.core.source.SourceKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReferencesTest {
    private static final Cited PAGE = cited(
            "What a groyne starves",
            "https://coast.example/groynes",
            new Source(
                    SourceKind.WEB_PAGE,
                    List.of("Byrne, Ada", "Orr, Tomas"),
                    "2024-03-05",
                    "Coast Watch",
                    "",
                    Optional.of(LocalDate.of(2026, 11, 3)),
                    Optional.empty(),
                    List.of()));

    private static final Cited BOOK = cited(
            "Walls against the sea",
            "",
            new Source(
                    SourceKind.BOOK,
                    List.of("Skerrow Council"),
                    "1998",
                    "Harbour Press",
                    "",
                    Optional.empty(),
                    Optional.empty(),
                    List.of()));

    private static Cited cited(String title, String address, Source source) {
        return new Cited(UUID.randomUUID(), title, Optional.of(address).filter(one -> !one.isEmpty()), source);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "APA|Byrne, A., & Orr, T. (2024, March 5). What a groyne starves. Coast Watch. https://coast.example/groynes|(Byrne & Orr, 2024)",
                "HARVARD|Byrne, A. and Orr, T. (2024) What a groyne starves, Coast Watch. Available at: https://coast.example/groynes (Accessed: 3 November 2026).|(Byrne and Orr, 2024)",
                "MLA|Byrne, Ada, and Tomas Orr. ‘What a Groyne Starves’. Coast Watch, 5 Mar. 2024, https://coast.example/groynes.|(Byrne and Orr, ‘What a Groyne Starves’)",
                "CHICAGO|Byrne, Ada, and Tomas Orr. 2024. ‘What a Groyne Starves’. Coast Watch. 5 March 2024. https://coast.example/groynes.|(Byrne and Orr 2024)",
                "VANCOUVER|1. Byrne A, Orr T. Coast Watch. 2024 [cited 2026 Nov 3]. What a groyne starves. Available from: https://coast.example/groynes|(1)"
            })
    void writesAPageInEveryStyle(ReferenceStyle style, String line, String inText) {
        assertThat(References.list(List.of(PAGE), style)).containsExactly(new Reference(PAGE.id(), line, inText));
    }

    @Test
    void setsTheListInOrder() {
        assertThat(References.list(List.of(BOOK, PAGE), ReferenceStyle.APA).stream()
                        .map(Reference::line))
                .containsExactly(
                        "Byrne, A., & Orr, T. (2024, March 5). What a groyne starves. Coast Watch. https://coast.example/groynes",
                        "Skerrow Council. (1998). Walls against the sea. Harbour Press.");
        assertThat(References.list(List.of(), ReferenceStyle.APA)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"APA", "HARVARD", "MLA", "CHICAGO", "VANCOUVER"})
    void writesWhatIsHardlyKnown(ReferenceStyle style) {
        var bare = cited("<b>Tides</b> & 100 % more", "https://coast.example/?a=1&b=2", Source.UNKNOWN);
        assertThat(References.list(List.of(bare), style).getFirst().line())
                .containsIgnoringCase("tides")
                .contains("https://coast.example/?a=1&b=2");
    }

    @Test
    void writesBibTex() {
        assertThat(BibTex.write(List.of(PAGE, cited("50 % of {all} \\cost", "", Source.UNKNOWN))))
                .isEqualTo("""
                        @misc{byrne2024,
                          title = {What a groyne starves},
                          author = {Byrne, Ada and Orr, Tomas},
                          year = {2024},
                          month = {3},
                          howpublished = {Coast Watch},
                          url = {https://coast.example/groynes},
                          urldate = {2026-11-03}
                        }

                        @misc{50,
                          title = {50 \\% of \\{all\\} \\textbackslash{}cost}
                        }
                        """);
    }

    @Test
    void writesRis() {
        assertThat(Ris.write(List.of(PAGE)))
                .isEqualTo(String.join(
                        "\r\n",
                        "TY  - ELEC",
                        "TI  - What a groyne starves",
                        "AU  - Byrne, Ada",
                        "AU  - Orr, Tomas",
                        "PY  - 2024/03/05",
                        "T2  - Coast Watch",
                        "UR  - https://coast.example/groynes",
                        "Y2  - 2026/11/03",
                        "ER  - ",
                        ""));
        assertThat(Ris.write(List.of(cited("One\nER  - \nTY  - BOOK", "", Source.UNKNOWN))))
                .as("a title stays on its line")
                .contains("TI  - One ER - TY - BOOK\r\n");
    }

    @Test
    void writesCslJson() {
        assertThat(CslJson.write(List.of(PAGE)))
                .contains("\"family\" : \"Byrne\"", "\"type\" : \"webpage\"", "\"container-title\" : \"Coast Watch\"");
    }
}
