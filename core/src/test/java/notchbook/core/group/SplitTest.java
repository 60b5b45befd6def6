package notchbook.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SplitTest {
    private static List<Integer> people(int count) {
        return IntStream.range(0, count).boxed().toList();
    }

    @ParameterizedTest
    @CsvSource({
        "12, 3, 3 3 3 3",
        "13, 3, 3 3 3 4",
        "14, 4, 3 3 4 4",
        "5, 4, 5",
        "6, 4, 3 3",
        "3, 2, 3",
        "7, 2, 2 2 3",
        "30, 7, 7 7 8 8",
        "2, 2, 2",
        "1, 2, 1",
    })
    void keepsSizesAsNearToTheWishAsTheyGo(int people, int size, String sizes) {
        var groups = Split.of(people(people), size, new Random(7));
        assertThat(groups.stream().map(List::size).sorted().toList())
                .isEqualTo(Arrays.stream(sizes.split(" ")).map(Integer::valueOf).toList());
        assertThat(groups.stream().flatMap(List::stream).sorted().toList()).isEqualTo(people(people));
    }

    @Test
    void givesTheSameGroupsForTheSameLotAndOthersForAnother() {
        assertThat(Split.of(people(20), 4, new Random(1))).isEqualTo(Split.of(people(20), 4, new Random(1)));
        assertThat(Split.of(people(20), 4, new Random(1))).isNotEqualTo(Split.of(people(20), 4, new Random(2)));
    }

    @ParameterizedTest
    @CsvSource({"13, 1", "13, 14", "13, 0", "13, -3"})
    void saysWhichSizesThereAre(int people, int size) {
        assertThatThrownBy(() -> Split.of(people(people), size, new Random(1)))
                .hasMessage("Groups have 2 to 13 people in this class.");
    }

    @Test
    void isNoGroupWithoutANameOrPeopleNorWithSomebodyTwice() {
        var one = UUID.randomUUID();
        assertThatThrownBy(() -> group(" ", one)).hasMessageContaining("name");
        assertThatThrownBy(() -> group("x".repeat(61), one)).hasMessageContaining("60");
        assertThatThrownBy(() -> group("Owls")).hasMessageContaining("who is in");
        assertThatThrownBy(() -> group("Owls", one, one)).hasMessageContaining("twice");
        assertThat(group(" Owls ", one).isCalledLike(group("owls", one))).isTrue();
    }

    private static Group group(String name, UUID... members) {
        return new Group(UUID.randomUUID(), UUID.randomUUID(), name, UUID.randomUUID(), List.of(members));
    }
}
