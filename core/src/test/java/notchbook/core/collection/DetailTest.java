package notchbook.core.collection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DetailTest {
    private static final UUID ID = new UUID(1, 1);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            NUMBER    | 2400             | 2400
            NUMBER    | 2,400            | 2400
            NUMBER    | 6 200            | 6200
            NUMBER    | 1,234,567.50     | 1234567.5
            NUMBER    | 0,5              | 0.5
            NUMBER    | .25              | 0.25
            NUMBER    | −3               | -3
            NUMBER    | 007              | 7
            NUMBER    | about 3          |
            NUMBER    | 1e9              |
            NUMBER    | =1+1             |
            NUMBER    | 1.2.3            |
            NUMBER    | 1234567890123456789012345678901 |
            DAY       | 2026-11-03       | 2026-11-03
            DAY       | 3.11.2026        | 2026-11-03
            DAY       | 3/11/2026        | 2026-11-03
            DAY       | 2026-02-30       |
            DAY       | 31.2.2026        |
            DAY       | yesterday        |
            YES_OR_NO | Yes              | yes
            YES_OR_NO | NO               | no
            YES_OR_NO | perhaps          |
            WORDS     | ' the  sea wall '| the sea wall
            ONE_OF    | hard             | hard
            PERSON    | Ida Farrant      | Ida Farrant
            """)
    void readsWhatIsTypedAsOneOfItsKind(DetailKind kind, String typed, String kept) {
        assertThat(kind.read(typed).orElse(null)).isEqualTo(kept);
    }

    @Test
    void refusesValuesThatNobodyCouldRead() {
        assertThat(DetailKind.WORDS.read("x".repeat(201))).isEmpty();
        assertThat(DetailKind.WORDS.read(" ")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "NUMBER, cheap, “Cost”: Type a number such as",
        "ONE_OF, hard+soft, “Cost” holds one value.",
        "DAY, soon, “Cost”: Type a day"
    })
    void saysWhatHasToBeTyped(DetailKind kind, String typed, String words) {
        var detail = new Detail(ID, "Cost", kind, "");
        assertThatThrownBy(() -> detail.read(List.of(typed.split("\\+"))))
                .message()
                .satisfies(said -> assertThat(said.replace(",", "")).startsWith(words));
    }

    @Test
    void holdsEachOfSeveralValuesOnce() {
        var seen = new Detail(ID, "Seen at", DetailKind.SOME_OF, "m");
        assertThat(seen.read(List.of("Skerrow Bay", " Skerrow  Bay", "", "Oddly Sands")))
                .containsExactly("Skerrow Bay", "Oddly Sands");
        assertThat(seen.unit()).as("a unit belongs to numbers").isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"'', ''", "x, 123456789012345678901"})
    void needsANameAndAShortUnit(String name, String unit) {
        assertThatThrownBy(() -> new Detail(ID, name, DetailKind.NUMBER, unit))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void offersWhatWasUsedHereFirstAndMostFirst() {
        assertThat(UsedValues.offered(List.of("soft", "hard", "soft"), List.of("people", "Hard", "wind", "wind")))
                .containsExactly("soft", "hard", "wind", "people");
    }

    @ParameterizedTest
    @CsvSource({"a+b, a, c, c+b", "a+b, a+b, c, c", "a+b, b, a, a", "x, a, c, x"})
    void mergesValues(String values, String from, String into, String merged) {
        assertThat(UsedValues.merged(List.of(values.split("\\+")), List.of(from.split("\\+")), into))
                .containsExactly(merged.split("\\+"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            https://www.skerrow.example/wall/       | http://skerrow.example/wall        | true
            https://skerrow.example/wall?utm_source=mail&id=7 | https://skerrow.example/wall?id=7 | true
            https://skerrow.example/wall?b=2&a=1    | https://skerrow.example/wall?a=1&b=2 | true
            https://skerrow.example/wall#costs      | https://skerrow.example/wall       | true
            https://SKERROW.example:443/index.html  | http://skerrow.example             | true
            https://skerrow.example/a/../wall       | https://skerrow.example/wall       | true
            https://skerrow.example/Wall            | https://skerrow.example/wall       | false
            https://skerrow.example/wall?id=7       | https://skerrow.example/wall?id=8  | false
            https://skerrow.example:8080/           | https://skerrow.example/           | false
            https://maps.skerrow.example/           | https://skerrow.example/           | false
            not an address                          | not an address                     | true
            """)
    void knowsOnePageByItsAddresses(String one, String other, boolean isSame) {
        assertThat(SameAddress.of(one).equals(SameAddress.of(other))).isEqualTo(isSame);
    }
}
