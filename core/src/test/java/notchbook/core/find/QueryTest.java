package notchbook.core.find;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QueryTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            # typed             | text                                   | found
            echo                | An echo is a reflected sound.          | true
            ECHO                | An echo is a reflected sound.          | true
            echoes              | An echo is a reflected sound.          | true
            reflection          | An echo is a reflected sound.          | true
            ech                 | An echo is a reflected sound.          | true
            'ech '              | An echo is a reflected sound.          | false
            cho                 | An echo is a reflected sound.          | false
            sound echo          | An echo is a reflected sound.          | true
            sound light         | An echo is a reflected sound.          | false
            "reflected sound"   | An echo is a reflected sound.          | true
            "sound reflected"   | An echo is a reflected sound.          | false
            "reflected sounds"  | An echo is a reflected sound.          | true
            "reflected sound    | An echo is a reflected sound.          | true
            “reflected sound”   | An echo is a reflected sound.          | true
            echo "a reflected"  | An echo is a reflected sound.          | true
            340                 | about 340 m/s                          | true
            m/s                 | about 340 m/s                          | true
            2.3b                | See 2.3b first.                        | true
            lenses              | The focus of a fat lens.               | true
            lens                | Two fat lenses.                        | true
            gases               | A gas fills its jar.                   | true
            axis                | Both axes have units.                  | true
            spectrum            | Three spectra.                         | true
            media               | Sound needs a medium.                  | true
            don't               | We don’t know.                         | true
            straße              | Die Strasse                            | true
            ＥＣＨＯ            | echo                                   | true
            صوت                 | هذا صوت عال                            | true
            🔊                  | loud 🔊                                | false
            """)
    void findsWordsByTheirStemsAndPhrasesSideBySide(String typed, String text, boolean isFound) {
        var query = Query.parse(typed);
        assertThat(!query.isEmpty() && query.matches(text)).isEqualTo(isFound);
    }

    @ParameterizedTest
    @CsvSource({"''", "' '", "'\"\"'", "'?!'", "'\"'"})
    void isEmptyWithoutAWord(String typed) {
        assertThat(Query.parse(typed).isEmpty()).isTrue();
    }

    @Test
    void takesNoMoreWordsThanNarrowAnythingDown() {
        assertThat(Query.parse("word ".repeat(500)).terms()).hasSize(12);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            # typed    | text                          | excerpt
            echo       | An echo, and echoes.          | An [echo], and [echoes].
            "an echo"  | An echo, and echoes.          | [An] [echo], and echoes.
            wall       | An echo, and echoes.          | An echo, and echoes.
            ec         | 'An  echo\tis  a sound.'      | An [echo] is a sound.
            """)
    void tellsApartWhatWasFound(String typed, String text, String excerpt) {
        assertThat(shown(text.replace("\\t", "\t"), typed)).isEqualTo(excerpt);
    }

    @Test
    void cutsALongTextAtWordsAroundTheFirstMatch() {
        var text = "before ".repeat(60) + "echo " + "after ".repeat(60);
        var shown = shown(text, "echo");
        assertThat(shown).startsWith("… before").contains("[echo] after").endsWith("after …");
        assertThat(shown.length()).isBetween(120, 160);
    }

    @Test
    void cutsATextWithoutSpacesToo() {
        assertThat(shown("声".repeat(2_000), "light").length()).isLessThan(200);
    }

    private static String shown(String text, String typed) {
        return Excerpt.of(text, Query.parse(typed)).parts().stream()
                .map(part -> part.isMatch() ? "[" + part.text() + "]" : part.text())
                .collect(joining());
    }
}
