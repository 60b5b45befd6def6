package notchbook.app.notebook;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

@Repository
class PageStore {
    private final DSLContext db;

    PageStore(DSLContext db) {
        this.db = db;
    }

    Optional<Page> find(UUID id) {
        return db.selectFrom(PAGE)
                .where(PAGE.ID.eq(id), PAGE.DELETED_AT.isNull())
                .fetchOptional(PageStore::page);
    }

    /** The live pages of live sections of a notebook, in their order within each section. */
    List<Page> inNotebook(UUID notebookId) {
        return db.select(PAGE.asterisk())
                .from(PAGE)
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .where(SECTION.NOTEBOOK_ID.eq(notebookId), SECTION.DELETED_AT.isNull(), PAGE.DELETED_AT.isNull())
                .orderBy(PAGE.POSITION, PAGE.ID)
                .fetch(PageStore::page);
    }

    List<Page> inSections(Collection<UUID> sectionIds) {
        return db.selectFrom(PAGE)
                .where(PAGE.SECTION_ID.in(sectionIds), PAGE.DELETED_AT.isNull())
                .orderBy(PAGE.POSITION, PAGE.ID)
                .fetch(PageStore::page);
    }

    /** How many live entries each page has; pages without any are not in it. */
    Map<UUID, Integer> entryCounts(Collection<UUID> pageIds) {
        return db.select(ENTRY.PAGE_ID, DSL.count())
                .from(ENTRY)
                .where(ENTRY.PAGE_ID.in(pageIds), ENTRY.DELETED_AT.isNull())
                .groupBy(ENTRY.PAGE_ID)
                .fetchMap(ENTRY.PAGE_ID, DSL.count());
    }

    int nextPosition(UUID sectionId) {
        return db.fetchCount(PAGE, PAGE.SECTION_ID.eq(sectionId));
    }

    void insert(Page page) {
        db.insertInto(PAGE)
                .set(PAGE.ID, page.id())
                .set(PAGE.SECTION_ID, page.sectionId())
                .set(PAGE.TITLE, page.title())
                .set(PAGE.DAY, page.day())
                .set(PAGE.POSITION, page.position())
                .execute();
    }

    void update(UUID id, String title, LocalDate day) {
        db.update(PAGE)
                .set(PAGE.TITLE, title)
                .set(PAGE.DAY, day)
                .where(PAGE.ID.eq(id))
                .execute();
    }

    void delete(UUID id, Instant at) {
        db.update(PAGE).set(PAGE.DELETED_AT, at).where(PAGE.ID.eq(id)).execute();
    }

    private static Page page(Record found) {
        return new Page(
                found.get(PAGE.ID),
                found.get(PAGE.SECTION_ID),
                found.get(PAGE.TITLE),
                found.get(PAGE.DAY),
                found.get(PAGE.POSITION));
    }
}
