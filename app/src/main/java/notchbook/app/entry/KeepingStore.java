package notchbook.app.entry;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.ENTRY_MEDIA;
import static notchbook.tables.Tables.ENTRY_VERSION;
import static notchbook.tables.Tables.NOTCH;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.selectCount;
import static org.jooq.impl.DSL.when;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What keeping an entry reads and writes, in as few statements as it can: it is asked for every second by everyone who
 * types. Nothing is locked; a write that meets another one is refused, to be tried again from what is there then.
 */
@Repository
class KeepingStore {
    /** Typing is sent every second; of what is typed in a row, one earlier version a while is enough to go back to. */
    private static final Duration BETWEEN_VERSIONS = Duration.ofMinutes(2);

    // Where the entry itself stands: it may be on its way from another page.
    private static final notchbook.tables.tables.Page ITS_PAGE = PAGE.as("its_page");
    private static final notchbook.tables.tables.Section ITS_SECTION = SECTION.as("its_section");
    private static final notchbook.tables.tables.Notebook ITS_NOTEBOOK = NOTEBOOK.as("its_notebook");

    private static final notchbook.tables.tables.Entry SIBLING = ENTRY.as("sibling");
    private static final Field<Integer> NEXT_POSITION = when(
                    ENTRY.ID.isNull(), field(selectCount().from(SIBLING).where(SIBLING.PAGE_ID.eq(PAGE.ID))))
            .otherwise(0);

    private final DSLContext db;
    private final TransactionTemplate transaction;

    KeepingStore(DSLContext db, TransactionTemplate transaction) {
        this.db = db;
        this.transaction = transaction;
    }

    /**
     * Where a change is to go: a live page of its sender's own, the entry that stands there under its id, in the bin or not,
     * and the position of a new one.
     */
    record Place(Optional<Before> before, int nextPosition) {}

    /** An entry as it is now; who wrote it last, from which version on; and when an earlier version was put by. */
    record Before(Entry entry, UUID ownerId, String writer, int writtenFrom, Optional<Instant> versionPutByAt) {
        /** Whether every version since this one was written by the same device. */
        boolean isWrittenSince(int version, String device) {
            return writer.equals(device) && writtenFrom <= version;
        }
    }

    Optional<Place> find(UUID personId, UUID pageId, UUID entryId) {
        return db.select(ENTRY.asterisk(), ITS_NOTEBOOK.OWNER_ID, NEXT_POSITION)
                .from(PAGE)
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID), SECTION.DELETED_AT.isNull())
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID), NOTEBOOK.OWNER_ID.eq(personId))
                .leftJoin(ENTRY)
                .on(ENTRY.ID.eq(entryId))
                .leftJoin(ITS_PAGE)
                .on(ITS_PAGE.ID.eq(ENTRY.PAGE_ID))
                .leftJoin(ITS_SECTION)
                .on(ITS_SECTION.ID.eq(ITS_PAGE.SECTION_ID))
                .leftJoin(ITS_NOTEBOOK)
                .on(ITS_NOTEBOOK.ID.eq(ITS_SECTION.NOTEBOOK_ID))
                .where(PAGE.ID.eq(pageId), PAGE.DELETED_AT.isNull())
                .fetchOptional(found -> new Place(
                        Optional.ofNullable(found.get(ENTRY.ID))
                                .map(id -> new Before(
                                        EntryRow.of(found, notches(id)),
                                        found.get(ITS_NOTEBOOK.OWNER_ID),
                                        Optional.ofNullable(found.get(ENTRY.WRITER))
                                                .orElse(""),
                                        found.get(ENTRY.WRITTEN_FROM),
                                        Optional.ofNullable(found.get(ENTRY.VERSION_PUT_BY_AT)))),
                        found.get(NEXT_POSITION)));
    }

    private Set<UUID> notches(UUID entryId) {
        return db.select(NOTCH.NODE_ID)
                .from(NOTCH)
                .where(NOTCH.ENTRY_ID.eq(entryId))
                .fetchSet(NOTCH.NODE_ID);
    }

    void insert(Entry entry, String writer) {
        if (entry.allMedia().isEmpty()) {
            insertRow(entry, writer);
            return;
        }
        transaction.executeWithoutResult(status -> {
            insertRow(entry, writer);
            keepMedia(entry);
        });
    }

    private void insertRow(Entry entry, String writer) {
        db.insertInto(ENTRY)
                .set(ENTRY.ID, entry.id())
                .set(ENTRY.PAGE_ID, entry.place().pageId())
                .set(ENTRY.ZONE, entry.place().zone())
                .set(ENTRY.BESIDE, entry.place().beside().orElse(null))
                .set(ENTRY.COPIED_FROM, entry.copiedFrom().orElse(null))
                .set(ENTRY.KIND, entry.kind().name())
                .set(ENTRY.CONTENT, entry.content())
                .set(ENTRY.IS_EMPTY, entry.isEmpty())
                .set(ENTRY.MEDIA_ID, entry.mediaId().orElse(null))
                .set(ENTRY.CAPTION, entry.caption())
                .set(ENTRY.WIDTH, entry.place().width().name())
                .set(ENTRY.POSITION, entry.position())
                .set(ENTRY.VERSION, entry.version())
                .set(ENTRY.MADE_AT, entry.madeAt())
                .set(ENTRY.CHANGED_AT, entry.changedAt())
                .set(ENTRY.WRITER, writer)
                .set(ENTRY.WORDS_DUE, true)
                .execute();
    }

    /** Writes the next version of an entry, and puts the one it replaces by when none was for a while. */
    void update(Before before, Entry now, String writer) {
        var isPutBy = isPutBy(before, now.changedAt(), writer);
        var hasOtherMedia = !now.allMedia().equals(before.entry().allMedia());
        if (!isPutBy && !hasOtherMedia) {
            updateRow(before, now, writer, before.versionPutByAt().orElse(null));
            return;
        }
        transaction.executeWithoutResult(status -> {
            updateRow(
                    before,
                    now,
                    writer,
                    isPutBy ? now.changedAt() : before.versionPutByAt().orElse(null));
            if (isPutBy) {
                putBy(before.entry(), now.changedAt());
            }
            if (hasOtherMedia) {
                keepMedia(now);
            }
        });
    }

    /** What one tab writes in the first two minutes is one writing, and what it was after a few letters is of no use. */
    private static boolean isPutBy(Before before, Instant now, String writer) {
        var isGoingOn = !writer.isEmpty() && before.writer().equals(writer);
        return !before.entry().isEmpty()
                && before.versionPutByAt()
                        .or(() -> Optional.of(before.entry().madeAt()).filter(made -> isGoingOn))
                        .map(at -> at.plus(BETWEEN_VERSIONS))
                        .filter(now::isBefore)
                        .isEmpty();
    }

    private void updateRow(Before before, Entry now, String writer, @Nullable Instant putByAt) {
        var changed = db.update(ENTRY)
                .set(ENTRY.PAGE_ID, now.place().pageId())
                .set(ENTRY.ZONE, now.place().zone())
                .set(ENTRY.BESIDE, now.place().beside().orElse(null))
                .set(ENTRY.CONTENT, now.content())
                .set(ENTRY.IS_EMPTY, now.isEmpty())
                .set(ENTRY.MEDIA_ID, now.mediaId().orElse(null))
                .set(ENTRY.CAPTION, now.caption())
                .set(ENTRY.WIDTH, now.place().width().name())
                .set(ENTRY.VERSION, now.version())
                .set(ENTRY.CHANGED_AT, now.changedAt())
                .set(
                        ENTRY.WRITTEN_FROM,
                        before.writer().equals(writer)
                                ? before.writtenFrom()
                                : before.entry().version())
                .set(ENTRY.WRITER, writer)
                .set(ENTRY.VERSION_PUT_BY_AT, putByAt)
                .set(ENTRY.WORDS_DUE, true)
                .where(ENTRY.ID.eq(now.id()), ENTRY.VERSION.eq(before.entry().version()))
                .execute();
        if (changed == 0) {
            throw new OptimisticLockingFailureException("Entry " + now.id() + " was changed meanwhile");
        }
    }

    private void putBy(Entry before, Instant now) {
        db.insertInto(ENTRY_VERSION)
                .set(ENTRY_VERSION.ENTRY_ID, before.id())
                .set(ENTRY_VERSION.VERSION, before.version())
                .set(ENTRY_VERSION.CONTENT, before.content())
                .set(ENTRY_VERSION.CAPTION, before.caption())
                .set(ENTRY_VERSION.SAVED_AT, now)
                .execute();
    }

    private void keepMedia(Entry entry) {
        var media = entry.allMedia();
        db.deleteFrom(ENTRY_MEDIA)
                .where(ENTRY_MEDIA.ENTRY_ID.eq(entry.id()), ENTRY_MEDIA.MEDIA_ID.notIn(media))
                .execute();
        media.forEach(id -> db.insertInto(ENTRY_MEDIA, ENTRY_MEDIA.ENTRY_ID, ENTRY_MEDIA.MEDIA_ID)
                .values(entry.id(), id)
                .onDuplicateKeyIgnore()
                .execute());
    }
}
