package notchbook.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RevisitTest {
    private static final LocalDate COVERED = LocalDate.of(2026, 9, 7);

    @ParameterizedTest
    @CsvSource({
        "'',0,14", // never seen again
        "'6',6,14", // seen before half of the 14 days: restarts, does not double
        "'7',7,28", // at half: doubles
        "'7 21',21,56", // 14 of 28 days
        "'7 20',20,28", // 13 of 28 days
        "'7 21 49 105 161',161,112" // 14, 28, 56, 112 and no more than 16 weeks
    })
    void restartsAndDoubles(String seenAfter, int startedAfter, int interval) {
        var revisit = Revisit.through(COVERED, days(seenAfter), Optional.empty());
        assertThat(revisit).isEqualTo(new Revisit(COVERED.plusDays(startedAfter), interval));
    }

    @Test
    void ignoresWhatCameBeforeTheLastPointWasCovered() {
        var seen = List.of(COVERED.minusDays(30), COVERED);
        assertThat(Revisit.through(COVERED, seen, Optional.empty()).startedOn()).isEqualTo(COVERED);
    }

    @ParameterizedTest
    @CsvSource({"14,0", "15,1", "10,-4"})
    void isOverdueAfterMoreDaysThanTheInterval(int daysLater, long overdue) {
        var revisit = Revisit.through(COVERED, List.of(), Optional.empty());
        assertThat(revisit.daysOverdue(COVERED.plusDays(daysLater), Optional.empty()))
                .isEqualTo(overdue);
    }

    @ParameterizedTest
    @CsvSource({"56,1", "57,-6", "0,1", "-1,-6"})
    void halvesTheIntervalInTheEightWeeksBeforeTheExam(int daysToExam, long overdue) {
        var today = COVERED.plusDays(8);
        var revisit = Revisit.through(COVERED, List.of(), Optional.empty());
        assertThat(revisit.daysOverdue(today, Optional.of(today.plusDays(daysToExam))))
                .isEqualTo(overdue);
    }

    @Test
    void restartsOnAPaperAndOnALook() {
        var work = new CoverageCase().typed(60, "3.1a").paper("3.1", 20, 80).look("3.1", 1);
        assertThat(work.topic("3.1").revisit()).contains(new Revisit(CoverageCase.TODAY.minusDays(1), 56));
    }

    private static List<LocalDate> days(String seenAfter) {
        var days = new ArrayList<LocalDate>();
        for (var after : seenAfter.split(" ")) {
            if (!after.isEmpty()) {
                days.add(COVERED.plusDays(Integer.parseInt(after)));
            }
        }
        return days;
    }
}
