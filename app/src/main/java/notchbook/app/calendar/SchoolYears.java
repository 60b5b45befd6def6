package notchbook.app.calendar;

import static notchbook.tables.Tables.SCHOOL_BREAK;
import static notchbook.tables.Tables.SCHOOL_YEAR;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The school years that the school has entered. */
@Repository
public class SchoolYears {
    private final DSLContext db;

    SchoolYears(DSLContext db) {
        this.db = db;
    }

    /** The school year of a day, else the latest there is; a school without any has an empty year. */
    public SchoolYear yearOf(LocalDate day) {
        return db.selectFrom(SCHOOL_YEAR)
                .orderBy(
                        SCHOOL_YEAR
                                .FIRST_DAY
                                .le(day)
                                .and(SCHOOL_YEAR.LAST_DAY.ge(day))
                                .desc(),
                        SCHOOL_YEAR.FIRST_DAY.desc())
                .limit(1)
                .fetchOptional(found -> SchoolYear.of(
                        found.get(SCHOOL_YEAR.NAME),
                        found.get(SCHOOL_YEAR.FIRST_DAY),
                        found.get(SCHOOL_YEAR.LAST_DAY),
                        breaksOf(found.get(SCHOOL_YEAR.ID))))
                .orElseGet(() -> SchoolYear.of("", day, day, List.of()));
    }

    /** Enters a year with its breaks. */
    public void enter(UUID id, SchoolYear year, List<Break> breaks) {
        db.insertInto(SCHOOL_YEAR)
                .set(SCHOOL_YEAR.ID, id)
                .set(SCHOOL_YEAR.NAME, year.name())
                .set(SCHOOL_YEAR.FIRST_DAY, year.firstDay())
                .set(SCHOOL_YEAR.LAST_DAY, year.lastDay())
                .execute();
        for (var pause : breaks) {
            db.insertInto(SCHOOL_BREAK)
                    .set(SCHOOL_BREAK.YEAR_ID, id)
                    .set(SCHOOL_BREAK.NAME, pause.name())
                    .set(SCHOOL_BREAK.FIRST_DAY, pause.firstDay())
                    .set(SCHOOL_BREAK.LAST_DAY, pause.lastDay())
                    .execute();
        }
    }

    private List<Break> breaksOf(UUID yearId) {
        return db.selectFrom(SCHOOL_BREAK)
                .where(SCHOOL_BREAK.YEAR_ID.eq(yearId))
                .orderBy(SCHOOL_BREAK.FIRST_DAY)
                .fetch(found -> new Break(
                        found.get(SCHOOL_BREAK.NAME),
                        found.get(SCHOOL_BREAK.FIRST_DAY),
                        found.get(SCHOOL_BREAK.LAST_DAY)));
    }
}
