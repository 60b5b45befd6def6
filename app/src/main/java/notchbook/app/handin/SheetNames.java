package notchbook.app.handin;

import notchbook.app.calendar.SchoolYears;
import notchbook.app.reflection.LookBack;
import notchbook.app.reflection.Reflection;
import org.springframework.stereotype.Component;

/** What the sheet of a week, or looking back on one piece, is called when it leaves the notebook. */
@Component
class SheetNames {
    private final SchoolYears years;

    SheetNames(SchoolYears years) {
        this.years = years;
    }

    String of(Reflection sheet) {
        return years.teachingWeekOf(sheet.monday())
                .map(week -> "Week " + week + ", looking back")
                .orElse("Looking back");
    }

    String of(LookBack one) {
        return "Looking back on “" + one.title() + "”";
    }
}
