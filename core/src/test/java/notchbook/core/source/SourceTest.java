package notchbook.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SourceTest {
    @ParameterizedTest
    @CsvSource({
        "2024, 2024",
        "' 2024 ', 2024",
        "2024-03, 2024-03",
        "3.2024, 2024-03",
        "3/2024, 2024-03",
        "2024-3-5, 2024-03-05",
        "5.3.2024, 2024-03-05",
        "05/03/2024, 2024-03-05",
        "2024-03-05T08:30:00Z, 2024-03-05",
        "2024-03-05 08:30, 2024-03-05",
        "'', ''"
    })
    void readsWhenSomethingCameOut(String typed, String kept) {
        assertThat(Published.read(typed)).isEqualTo(kept);
    }

    @ParameterizedTest
    @ValueSource(strings = {"last spring", "24", "31.2.2024", "2024-13", "99.99.2024", "5.3.24", "2024-03-05-06"})
    void asksForAYearAMonthOrADay(String typed) {
        assertThatThrownBy(() -> Published.read(typed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("5.3.2024");
    }

    @Test
    void tellsItsParts() {
        assertThat(Published.parts("2024-03-05")).containsExactly(2024, 3, 5);
        assertThat(Published.parts("2024")).containsExactly(2024);
        assertThat(Published.parts("")).isEmpty();
    }

    private static Source source(List<String> authors, String published, String where) {
        return new Source(
                SourceKind.WEB_PAGE,
                authors,
                published,
                where,
                "",
                Optional.empty(),
                Optional.of(Trust.PARTLY),
                List.of("A warden wrote it"));
    }

    @Test
    void fillsWhatIsBlankByWhatWasFound() {
        var found = new Source(
                SourceKind.NEWS,
                List.of("Somebody else"),
                "2020",
                "Skerrow Weekly",
                "",
                Optional.of(LocalDate.of(2026, 11, 3)),
                Optional.of(Trust.FULLY),
                List.of("not the student's"));
        assertThat(source(List.of(" Byrne, Ada ", "", "Byrne, Ada"), "", "").or(found))
                .isEqualTo(new Source(
                        SourceKind.NEWS,
                        List.of("Byrne, Ada"),
                        "2020",
                        "Skerrow Weekly",
                        "",
                        Optional.of(LocalDate.of(2026, 11, 3)),
                        Optional.of(Trust.PARTLY),
                        List.of("A warden wrote it")));
    }

    @Test
    void hasBounds() {
        var many = IntStream.range(0, 31).mapToObj(i -> "Author " + i).toList();
        assertThatThrownBy(() -> source(many, "", "")).hasMessageContaining("30 authors");
        assertThatThrownBy(() -> source(List.of("x".repeat(201)), "", "")).hasMessageContaining("200");
        assertThatThrownBy(() -> source(List.of(), "", "x".repeat(201))).hasMessageContaining("200");
    }
}
