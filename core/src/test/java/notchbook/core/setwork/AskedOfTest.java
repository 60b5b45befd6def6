package notchbook.core.setwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AskedOfTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes());
    }

    private static Set<UUID> ids(String names) {
        return Arrays.stream(names.split(" "))
                .filter(name -> !name.isEmpty())
                .map(AskedOfTest::id)
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @CsvSource({
        "'', '', '', true",
        "'', '', owls, true",
        "ana, '', '', true",
        "hal, '', '', false",
        "'', owls, owls, true",
        "'', owls, herons, false",
        "hal, owls, 'herons owls', true",
        "'hal ana', herons, owls, true",
    })
    void isAskedOfAllOrOfTheNamedAndTheirGroups(String students, String groups, String groupsOfAna, boolean expected) {
        assertThat(new AskedOf(ids(students), ids(groups)).includes(id("ana"), ids(groupsOfAna)))
                .isEqualTo(expected);
    }

    @Test
    void isDueLaterForSomeAlone() {
        var due = new DueDays(Due.on(DAY), Map.of(id("ana"), DAY.plusDays(3)));
        assertThat(due.of(id("ana")).day()).isEqualTo(DAY.plusDays(3));
        assertThat(due.of(id("hal")).day()).isEqualTo(DAY);
    }

    @ParameterizedTest
    @CsvSource({"0", "-1"})
    void isNotLongerOnTheSameDayOrBefore(int days) {
        assertThatThrownBy(() -> new DueDays(Due.on(DAY), Map.of(id("ana"), DAY.plusDays(days))))
                .hasMessageContaining("later day");
    }
}
