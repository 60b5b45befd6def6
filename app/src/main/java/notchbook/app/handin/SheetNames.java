package notchbook.app.handin;

import java.time.LocalDate;
import java.util.Optional;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.reflection.Reflection;
import org.springframework.stereotype.Component;

/** What the sheet of a week is called when it leaves the notebook. */
@Component
class SheetNames {
    private final SchoolYears years;

    SheetNames(SchoolYears years) {
        this.years = years;
    }

    String of(Reflection sheet) {
        return weekOf(sheet.monday())
                .map(week -> "Week " + week + ", looking back")
                .orElse("Looking back");
    }

    /** The number of the teaching week that a day is in; none in a break. */
    Optional<Integer> weekOf(LocalDate day) {
        var week = years.yearOf(day).teachingWeekOf(day);
        return week.isPresent() ? Optional.of(week.getAsInt()) : Optional.empty();
    }
}
