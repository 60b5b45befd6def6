package notchbook.core.handin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.handin.Picked.OfBook;
import notchbook.core.handin.Picked.OfPages;
import notchbook.core.handin.Picked.OfSection;
import notchbook.core.handin.Picked.OfSheet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PickedTest {
    private static final UUID A = new UUID(0, 1);
    private static final UUID B = new UUID(0, 2);
    private static final UUID C = new UUID(0, 3);
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 16);

    static Stream<Arguments> pairs() {
        return Stream.of(
                arguments(new OfSection(A), new OfSection(A), true),
                arguments(new OfSection(A), new OfSection(B), false),
                arguments(new OfPages(List.of(A, B)), new OfPages(List.of(B, C)), true),
                arguments(new OfPages(List.of(A)), new OfPages(List.of(B, C)), false),
                arguments(new OfSheet(A, MONDAY), new OfSheet(A, MONDAY), true),
                arguments(new OfSheet(A, MONDAY), new OfSheet(A, MONDAY.plusWeeks(1)), false),
                arguments(new OfSheet(A, MONDAY), new OfSheet(B, MONDAY), false),
                arguments(new OfBook(A), new OfBook(A), true),
                arguments(new OfBook(A), new OfBook(B), false),
                arguments(new OfSection(A), new OfPages(List.of(A)), false));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void isTheSameWorkWhenItHoldsTheSame(Picked one, Picked other, boolean isSame) {
        assertThat(one.isSameWorkAs(other)).isEqualTo(isSame);
        assertThat(other.isSameWorkAs(one)).isEqualTo(isSame);
    }
}
