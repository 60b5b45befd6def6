package notchbook.app.notebook;

import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class PageStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    PageStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    Optional<Page> find(UUID id) {
        return db.selectFrom(PAGE)
                .where(PAGE.ID.eq(id), PAGE.DELETED_AT.isNull())
                .fetchOptional(this::page);
    }

    /** The live pages of live sections of a notebook, in their order within each section. */
    List<Page> inNotebook(UUID notebookId) {
        return db.select(PAGE.asterisk())
                .from(PAGE)
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .where(SECTION.NOTEBOOK_ID.eq(notebookId), SECTION.DELETED_AT.isNull(), PAGE.DELETED_AT.isNull())
                .orderBy(PAGE.POSITION, PAGE.ID)
                .fetch(this::page);
    }

    List<Page> inSections(Collection<UUID> sectionIds) {
        return db.selectFrom(PAGE)
                .where(PAGE.SECTION_ID.in(sectionIds), PAGE.DELETED_AT.isNull())
                .orderBy(PAGE.POSITION, PAGE.ID)
                .fetch(this::page);
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
                .set(PAGE.PATTERN, mapper.writeValueAsString(page.pattern()))
                .set(PAGE.PAPER_LINES, page.paper().lines().name())
                .set(PAGE.PAPER_SPACING_MM, page.paper().spacingMm())
                .set(PAGE.PAPER_TINT, page.paper().tint().name())
                .execute();
    }

    void update(Page page) {
        db.update(PAGE)
                .set(PAGE.TITLE, page.title())
                .set(PAGE.DAY, page.day())
                .set(PAGE.PATTERN, mapper.writeValueAsString(page.pattern()))
                .set(PAGE.PAPER_LINES, page.paper().lines().name())
                .set(PAGE.PAPER_SPACING_MM, page.paper().spacingMm())
                .set(PAGE.PAPER_TINT, page.paper().tint().name())
                .where(PAGE.ID.eq(page.id()))
                .execute();
    }

    void place(UUID id, UUID sectionId) {
        db.update(PAGE).set(PAGE.SECTION_ID, sectionId).where(PAGE.ID.eq(id)).execute();
    }

    void order(List<UUID> ids) {
        for (var position = 0; position < ids.size(); position++) {
            db.update(PAGE)
                    .set(PAGE.POSITION, position)
                    .where(PAGE.ID.eq(ids.get(position)))
                    .execute();
        }
    }

    void delete(UUID id, Instant at) {
        db.update(PAGE).set(PAGE.DELETED_AT, at).where(PAGE.ID.eq(id)).execute();
    }

    private Page page(Record found) {
        return new Page(
                found.get(PAGE.ID),
                found.get(PAGE.SECTION_ID),
                found.get(PAGE.TITLE),
                found.get(PAGE.DAY),
                found.get(PAGE.POSITION),
                mapper.readValue(found.get(PAGE.PATTERN), Pattern.class),
                new Paper(
                        Paper.Lines.valueOf(found.get(PAGE.PAPER_LINES)),
                        found.get(PAGE.PAPER_SPACING_MM),
                        Paper.Tint.valueOf(found.get(PAGE.PAPER_TINT))));
    }
}
