package notchbook.app.contents;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryName;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What was deleted in a notebook and can come back. */
@Repository
class BinStore {
    private final DSLContext db;

    BinStore(DSLContext db) {
        this.db = db;
    }

    enum Kind {
        SECTION,
        PAGE,
        ENTRY
    }

    record Deleted(UUID id, Kind kind, String name, Instant deletedAt) {}

    List<Deleted> in(UUID notebookId, Instant since) {
        var top = SECTION.as("top");
        var sections = db.select(SECTION.ID, SECTION.TITLE, SECTION.DELETED_AT)
                .from(SECTION)
                .join(top)
                .on(top.ID.eq(SECTION.DELETED_WITH))
                .where(SECTION.NOTEBOOK_ID.eq(notebookId), SECTION.DELETED_AT.ge(since))
                .and(top.ID.eq(SECTION.ID).or(top.DELETED_AT.isNull()))
                .fetch(found -> new Deleted(found.value1(), Kind.SECTION, found.value2(), found.value3()));
        var pages = db.select(PAGE.ID, PAGE.TITLE, PAGE.DELETED_AT)
                .from(PAGE)
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .where(SECTION.NOTEBOOK_ID.eq(notebookId), PAGE.DELETED_AT.ge(since))
                .fetch(found -> new Deleted(found.value1(), Kind.PAGE, found.value2(), found.value3()));
        var entries = db.select(ENTRY.ID, ENTRY.CAPTION, ENTRY.KIND, PAGE.TITLE, ENTRY.DELETED_AT)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .where(SECTION.NOTEBOOK_ID.eq(notebookId), ENTRY.DELETED_AT.ge(since))
                .fetch(found -> new Deleted(
                        found.value1(),
                        Kind.ENTRY,
                        EntryName.of(EntryKind.valueOf(found.value3()), found.value2(), "") + ", from “"
                                + found.value4() + "”",
                        found.value5()));
        return Stream.of(sections, pages, entries)
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Deleted::deletedAt).reversed())
                .toList();
    }

    /** Brings back a thing, and the page and sections that it stands in. */
    void restore(UUID id, Kind kind) {
        switch (kind) {
            case ENTRY -> {
                db.update(ENTRY)
                        .setNull(ENTRY.DELETED_AT)
                        .where(ENTRY.ID.eq(id))
                        .execute();
                db.select(ENTRY.PAGE_ID)
                        .from(ENTRY)
                        .where(ENTRY.ID.eq(id))
                        .fetchOptional(ENTRY.PAGE_ID)
                        .ifPresent(page -> restore(page, Kind.PAGE));
            }
            case PAGE -> {
                db.update(PAGE).setNull(PAGE.DELETED_AT).where(PAGE.ID.eq(id)).execute();
                db.select(PAGE.SECTION_ID)
                        .from(PAGE)
                        .where(PAGE.ID.eq(id))
                        .fetchOptional(PAGE.SECTION_ID)
                        .ifPresent(this::restoreAbove);
            }
            case SECTION -> {
                restoreAbove(id);
                db.update(SECTION)
                        .setNull(SECTION.DELETED_AT)
                        .setNull(SECTION.DELETED_WITH)
                        .where(SECTION.DELETED_WITH.eq(id))
                        .execute();
            }
        }
    }

    private void restoreAbove(UUID sectionId) {
        db.update(SECTION)
                .setNull(SECTION.DELETED_AT)
                .setNull(SECTION.DELETED_WITH)
                .where(SECTION.ID.eq(sectionId))
                .execute();
        Optional.ofNullable(db.select(SECTION.PARENT_ID)
                        .from(SECTION)
                        .where(SECTION.ID.eq(sectionId))
                        .fetchOne(SECTION.PARENT_ID))
                .ifPresent(this::restoreAbove);
    }
}
