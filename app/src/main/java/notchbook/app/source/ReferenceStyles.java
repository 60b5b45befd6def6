package notchbook.app.source;

import static notchbook.tables.Tables.REFERENCE_STYLE;

import notchbook.app.people.Person;
import notchbook.formats.source.ReferenceStyle;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** In which style the references of each person are put. */
@Repository
public class ReferenceStyles {
    private static final ReferenceStyle FIRST = ReferenceStyle.APA;

    private final DSLContext db;

    ReferenceStyles(DSLContext db) {
        this.db = db;
    }

    public ReferenceStyle of(Person person) {
        return db.select(REFERENCE_STYLE.STYLE)
                .from(REFERENCE_STYLE)
                .where(REFERENCE_STYLE.PERSON_ID.eq(person.id()))
                .fetchOptional(REFERENCE_STYLE.STYLE)
                .map(ReferenceStyle::valueOf)
                .orElse(FIRST);
    }

    void choose(Person person, ReferenceStyle style) {
        db.insertInto(REFERENCE_STYLE)
                .set(REFERENCE_STYLE.PERSON_ID, person.id())
                .set(REFERENCE_STYLE.STYLE, style.name())
                .onDuplicateKeyUpdate()
                .set(REFERENCE_STYLE.STYLE, style.name())
                .execute();
    }
}
