package notchbook.core.find;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExcerptTest {
    private static final String BOOK = "The shore is long. ".repeat(3_000)
            + "Where the coast turns, a spit has grown since the storm. "
            + "The shore is long. ".repeat(3_000);

    @Test
    void showsTheMatchWithWhatStandsAroundIt() {
        assertThat(shown("A spit grows where the coast turns.", "coasts"))
                .isEqualTo("A spit grows where the [coast] turns.");
    }

    @ParameterizedTest
    @CsvSource({"spits, [spit]", "growing storm, [storm]", "'\"spit has\"', [spit] [has]"})
    void findsThePlaceInALongText(String typed, String match) {
        assertThat(shown(BOOK, typed)).contains(match).startsWith("… ").endsWith(" …");
    }

    @Test
    void showsTheBeginningOfALongTextWithoutAMatch() {
        assertThat(shown(BOOK, "shorten")).startsWith("The shore is long.");
        assertThat(Excerpt.of(BOOK, Query.parse("volcano ")).matches()).isZero();
    }

    private static String shown(String text, String typed) {
        return Excerpt.of(text, Query.parse(typed + " ")).parts().stream()
                .map(part -> part.isMatch() ? "[" + part.text() + "]" : part.text())
                .collect(joining());
    }
}
