package notchbook.core.mark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.mark.Gathering.Placed;
import notchbook.core.mark.Gathering.Wish;
import notchbook.core.mark.Mark.AnsweringWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GatheringTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final UUID ECHOES = id(23);
    private static final UUID FORMULA = id(99);

    private static final List<Placed> ALL = List.of(
            placed(new Mark.Key(id(1), Optional.empty(), at(1)), ECHOES, MONDAY),
            placed(question(2, Optional.of(new AnsweringWords("Only the temperature."))), ECHOES, MONDAY),
            placed(question(3, Optional.empty()), ECHOES, MONDAY.minusWeeks(1)),
            placed(new Mark.Task(id(4), Optional.empty(), at(4), false, Optional.empty()), id(24), MONDAY),
            placed(new Mark.Task(id(5), Optional.empty(), at(5), true, Optional.of(TODAY)), ECHOES, MONDAY),
            placed(new Mark.Own(id(6), Optional.empty(), at(6), FORMULA), id(24), MONDAY));

    @ParameterizedTest
    @CsvSource({
        "all, 4 3 6 5 2 1",
        "key, 1",
        "question, 3 2",
        "task, 4 5",
        "formula, 6",
        "echoes, 3 5 2 1",
        "last week, 3",
        "open, 4 3",
        "done, 5 2",
        "open tasks, 4",
    })
    void givesWhatIsWishedForOpenOnesFirstThenTheNewest(String wish, String ids) {
        assertThat(Gathering.of(ALL, wish(wish)).stream()
                        .map(placed -> String.valueOf(placed.mark().id().getLeastSignificantBits())))
                .isEqualTo(List.of(ids.split(" ")));
    }

    private static Wish wish(String name) {
        Optional<UUID> none = Optional.empty();
        return switch (name) {
            case "all" -> Wish.ALL;
            case "formula" ->
                new Wish(Optional.of(MarkKind.OWN), Optional.of(FORMULA), none, Optional.empty(), Optional.empty());
            case "echoes" -> new Wish(Optional.empty(), none, Optional.of(ECHOES), Optional.empty(), Optional.empty());
            case "last week" ->
                new Wish(Optional.empty(), none, none, Optional.of(MONDAY.minusWeeks(1)), Optional.empty());
            case "open" -> new Wish(Optional.empty(), none, none, Optional.empty(), Optional.of(true));
            case "done" -> new Wish(Optional.empty(), none, none, Optional.empty(), Optional.of(false));
            case "open tasks" -> new Wish(Optional.of(MarkKind.TASK), none, none, Optional.empty(), Optional.of(true));
            default -> Wish.all(MarkKind.valueOf(name.toUpperCase()));
        };
    }

    @ParameterizedTest
    @CsvSource({
        // due, done, shown this week, shown next week, shown last week
        "2026-11-25, false, true,  false, false",
        "2026-11-29, false, true,  false, false",
        "2026-11-30, false, false, true,  false",
        "2026-11-20, false, true,  false, true",
        "2026-11-20, true,  false, false, true",
        "2026-11-25, true,  true,  false, false",
        "          , false, true,  false, false",
        "          , true,  false, false, false",
    })
    void showsATaskInItsWeekAndWhatIsLeftOverInThisOne(
            LocalDate due, boolean isDone, boolean now, boolean next, boolean last) {
        var task = new Mark.Task(id(1), Optional.empty(), at(1), isDone, Optional.ofNullable(due));
        assertThat(isShown(task, MONDAY)).isEqualTo(now);
        assertThat(isShown(task, MONDAY.plusWeeks(1))).isEqualTo(next);
        assertThat(isShown(task, MONDAY.minusWeeks(1))).isEqualTo(last);
    }

    @Test
    void putsTheEarliestTaskFirstAndUndatedOnesLast() {
        var tasks = List.of(task(1, null), task(2, TODAY), task(3, TODAY.minusDays(9)));
        assertThat(WeekTasks.of(tasks, task -> task, MONDAY, TODAY))
                .extracting(Mark.Task::id)
                .containsExactly(id(3), id(2), id(1));
    }

    @Test
    void refusesAnAnswerThatSaysNothing() {
        assertThatThrownBy(() -> new AnsweringWords(" ")).hasMessageContaining("500 characters");
    }

    private static boolean isShown(Mark.Task task, LocalDate monday) {
        return !WeekTasks.of(List.of(task), one -> one, monday, TODAY).isEmpty();
    }

    private static Mark.Task task(int number, LocalDate due) {
        return new Mark.Task(id(number), Optional.empty(), at(number), false, Optional.ofNullable(due));
    }

    private static Mark question(int number, Optional<Mark.Answer> answer) {
        return new Mark.OpenQuestion(id(number), Optional.empty(), at(number), answer);
    }

    private static Placed placed(Mark mark, UUID topic, LocalDate monday) {
        return new Placed(mark, id(50), Set.of(topic), monday);
    }

    private static UUID id(int number) {
        return new UUID(0, number);
    }

    private static Instant at(int minute) {
        return Instant.parse("2026-11-20T09:00:00Z").plusSeconds(60L * minute);
    }
}
