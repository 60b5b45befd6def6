package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;

/** Everything that coverage is worked out from; {@code plan} holds the teaching weeks of each planned topic. */
public record CoverageInput(
        Edition edition,
        ExamChoice exam,
        Optional<LocalDate> examDay,
        SchoolYear year,
        LocalDate today,
        Map<UUID, WeekRange> plan,
        List<Evidence> evidence,
        List<PaperMark> papers,
        List<Rating> ratings,
        List<LookedAgain> looks) {

    /** The same for another exam. */
    public CoverageInput sitting(ExamChoice other) {
        return new CoverageInput(edition, other, examDay, year, today, plan, evidence, papers, ratings, looks);
    }
}
