package notchbook.core.notebook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.notebook.Needle.Wish;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusNode.Kind;
import notchbook.core.syllabus.Tier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedleTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    /** Topic 1 with the points 2 and 3, and the point 4 elsewhere. */
    private static final Edition EDITION = new Edition(
            List.of(node(1, 0, Kind.TOPIC), node(2, 1, Kind.POINT), node(3, 1, Kind.POINT), node(4, 0, Kind.POINT)));

    @ParameterizedTest
    @CsvSource({
        // chosen, all of them, notched at, lifted
        "2, false, 2, true",
        "2, false, 3, false",
        "2 4, false, 4, true",
        "2 4, true, 4, false",
        "2 4, true, 2 4, true",
        "1, false, 3, true",
        "1, false, 1, true",
        "1 4, true, 3 4, true",
        "1 4, true, 2 3, false",
    })
    void liftsAnyOrAllAndTakesATopicForItsPoints(String chosen, boolean all, String notched, boolean isLifted) {
        var wish = new Wish(all, Set.of(), Optional.empty(), Optional.empty());
        assertThat(Needle.of(EDITION, ids(chosen), wish).lifts(ids(notched), EvidenceKind.TYPED, DAY))
                .isEqualTo(isLifted);
    }

    @ParameterizedTest
    @CsvSource({
        // kinds, from, to, lifted: a photo of 24 November
        "PHOTO, , , true",
        "TYPED, , , false",
        ", 2026-11-24, 2026-11-24, true",
        ", 2026-11-25, , false",
        ", , 2026-11-23, false",
        "PHOTO, 2026-11-23, 2026-11-29, true",
    })
    void liftsOnlyTheKindsAndDaysThatAreWished(EvidenceKind kind, LocalDate from, LocalDate to, boolean isLifted) {
        var kinds = Optional.ofNullable(kind).map(Set::of).orElse(Set.of());
        var wish = new Wish(false, kinds, Optional.ofNullable(from), Optional.ofNullable(to));
        assertThat(Needle.of(EDITION, ids("2"), wish).lifts(ids("2"), EvidenceKind.PHOTO, DAY))
                .isEqualTo(isLifted);
    }

    private static Set<UUID> ids(String numbers) {
        return Arrays.stream(numbers.split(" "))
                .map(number -> id(Integer.parseInt(number)))
                .collect(Collectors.toSet());
    }

    private static SyllabusNode node(int number, int parent, Kind kind) {
        return new SyllabusNode(
                id(number),
                parent == 0 ? Optional.empty() : Optional.of(id(parent)),
                kind,
                "c" + number,
                "t" + number,
                OptionalDouble.empty(),
                Tier.CORE,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                SyllabusNode.Origin.EDITION);
    }

    private static UUID id(int number) {
        return new UUID(0, number);
    }
}
