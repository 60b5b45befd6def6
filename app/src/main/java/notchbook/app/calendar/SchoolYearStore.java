package notchbook.app.calendar;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static notchbook.tables.Tables.SCHOOL_BREAK;
import static notchbook.tables.Tables.SCHOOL_TERM;
import static notchbook.tables.Tables.SCHOOL_YEAR;

import java.util.List;
import java.util.UUID;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.Term;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class SchoolYearStore {
    private final DSLContext db;

    SchoolYearStore(DSLContext db) {
        this.db = db;
    }

    /** All years, the latest first. */
    List<KeptYear> all() {
        var breaks = db.selectFrom(SCHOOL_BREAK).orderBy(SCHOOL_BREAK.FIRST_DAY).stream()
                .collect(groupingBy(
                        found -> found.get(SCHOOL_BREAK.YEAR_ID),
                        mapping(
                                found -> new Break(
                                        found.get(SCHOOL_BREAK.NAME),
                                        found.get(SCHOOL_BREAK.FIRST_DAY),
                                        found.get(SCHOOL_BREAK.LAST_DAY)),
                                toList())));
        var terms = db.selectFrom(SCHOOL_TERM).orderBy(SCHOOL_TERM.FIRST_DAY).stream()
                .collect(groupingBy(
                        found -> found.get(SCHOOL_TERM.YEAR_ID),
                        mapping(
                                found -> new Term(
                                        found.get(SCHOOL_TERM.NAME),
                                        found.get(SCHOOL_TERM.FIRST_DAY),
                                        found.get(SCHOOL_TERM.LAST_DAY)),
                                toList())));
        return db.selectFrom(SCHOOL_YEAR)
                .orderBy(SCHOOL_YEAR.FIRST_DAY.desc())
                .fetch(found -> new KeptYear(
                        found.get(SCHOOL_YEAR.ID),
                        SchoolYear.of(
                                found.get(SCHOOL_YEAR.NAME),
                                found.get(SCHOOL_YEAR.FIRST_DAY),
                                found.get(SCHOOL_YEAR.LAST_DAY),
                                terms.getOrDefault(found.get(SCHOOL_YEAR.ID), List.of()),
                                breaks.getOrDefault(found.get(SCHOOL_YEAR.ID), List.of()))));
    }

    void put(UUID id, SchoolYear year) {
        db.insertInto(SCHOOL_YEAR, SCHOOL_YEAR.ID, SCHOOL_YEAR.NAME, SCHOOL_YEAR.FIRST_DAY, SCHOOL_YEAR.LAST_DAY)
                .values(id, year.name(), year.firstDay(), year.lastDay())
                .onDuplicateKeyUpdate()
                .set(SCHOOL_YEAR.NAME, year.name())
                .set(SCHOOL_YEAR.FIRST_DAY, year.firstDay())
                .set(SCHOOL_YEAR.LAST_DAY, year.lastDay())
                .execute();
        db.deleteFrom(SCHOOL_TERM).where(SCHOOL_TERM.YEAR_ID.eq(id)).execute();
        year.terms().forEach(term -> db.insertInto(SCHOOL_TERM)
                .set(SCHOOL_TERM.YEAR_ID, id)
                .set(SCHOOL_TERM.NAME, term.name())
                .set(SCHOOL_TERM.FIRST_DAY, term.firstDay())
                .set(SCHOOL_TERM.LAST_DAY, term.lastDay())
                .execute());
        db.deleteFrom(SCHOOL_BREAK).where(SCHOOL_BREAK.YEAR_ID.eq(id)).execute();
        year.breaks().forEach(pause -> db.insertInto(SCHOOL_BREAK)
                .set(SCHOOL_BREAK.YEAR_ID, id)
                .set(SCHOOL_BREAK.NAME, pause.name())
                .set(SCHOOL_BREAK.FIRST_DAY, pause.firstDay())
                .set(SCHOOL_BREAK.LAST_DAY, pause.lastDay())
                .execute());
    }
}
