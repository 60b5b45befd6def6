package notchbook.core.text;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordChangeTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "Echo as reflection ! Echo as reflection ! Echo as reflection",
                "Echo as reflection ! Echo as a reflection ! Echo as +a +reflection",
                "Use speed = frequency × wavelength ! Use speed = distance ÷ time ! Use speed = -frequency × wavelength-+distance ÷ time+",
                "'' ! New ! +New+",
                "Old ! '' ! -Old-"
            })
    void marksWordsThatWentAndCame(String before, String after, String expected) {
        var shown = WordChange.of(before, after).parts().stream()
                .map(part -> switch (part.kind()) {
                    case KEPT -> part.text();
                    case GONE -> "-" + part.text() + "-";
                    case NEW -> "+" + part.text() + "+";
                })
                .collect(joining());
        assertThat(shown).isEqualTo(expected);
    }
}
