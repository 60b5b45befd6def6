package notchbook.app.handin;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.HAND_IN_AUTHOR;
import static notchbook.tables.Tables.HAND_IN_MEDIA;
import static notchbook.tables.Tables.HAND_IN_PART;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.platform.Refusal;
import notchbook.app.seal.SealKeys;
import notchbook.core.handin.HandInState;
import notchbook.core.handin.Picked;
import notchbook.core.handin.Picked.OfBook;
import notchbook.core.handin.Picked.OfCollection;
import notchbook.core.handin.Picked.OfPages;
import notchbook.core.handin.Picked.OfSection;
import notchbook.core.handin.Picked.OfSheet;
import notchbook.core.handin.Purpose;
import notchbook.core.seal.Manifest;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class HandInStore {
    /** All but the manifest, which is as long as the version has parts. */
    private static final List<Field<?>> LINE = Stream.of(HAND_IN.fields())
            .filter(field -> !field.equals(HAND_IN.MANIFEST))
            .toList();

    private final DSLContext db;

    HandInStore(DSLContext db) {
        this.db = db;
    }

    Optional<HandIn> find(UUID id) {
        return fetch(HAND_IN.ID.eq(id)).stream().findFirst();
    }

    /** A version that nobody else changes or remarks on until this is done. */
    HandIn lock(UUID id) {
        db.select(HAND_IN.ID).from(HAND_IN).where(HAND_IN.ID.eq(id)).forUpdate().fetch();
        return find(id).orElseThrow(() -> Refusal.notFound("hand-in"));
    }

    /** All versions that a student sent or made together with others, the latest first. */
    List<HandIn> by(UUID studentId) {
        return fetch(HAND_IN.STUDENT_ID
                .eq(studentId)
                .or(HAND_IN.ID.in(db.select(HAND_IN_AUTHOR.HAND_IN_ID)
                        .from(HAND_IN_AUTHOR)
                        .where(HAND_IN_AUTHOR.PERSON_ID.eq(studentId)))));
    }

    /** All versions of set work, the latest first. */
    List<HandIn> of(Collection<UUID> setWorkIds) {
        return fetch(HAND_IN.SET_WORK_ID.in(setWorkIds));
    }

    /** All versions of a piece of work, the latest first. */
    List<HandIn> ofWork(UUID workId) {
        return fetch(HAND_IN.WORK_ID.eq(workId));
    }

    /** All versions that were sent to a class's teachers unasked, the latest first. */
    List<HandIn> unasked(UUID classId) {
        return fetch(HAND_IN.CLASS_ID.eq(classId).and(HAND_IN.SET_WORK_ID.isNull()));
    }

    /** All versions of sheets of a week that were sent to a class's teachers, the latest first. */
    List<HandIn> sheets(UUID classId, LocalDate monday) {
        return fetch(HAND_IN.CLASS_ID.eq(classId).and(HAND_IN.MONDAY.eq(monday)));
    }

    Manifest manifest(UUID handInId) {
        return Manifest.parse(db.select(HAND_IN.MANIFEST)
                .from(HAND_IN)
                .where(HAND_IN.ID.eq(handInId))
                .fetchSingle(HAND_IN.MANIFEST));
    }

    Map<String, String> parts(UUID handInId) {
        return db.selectFrom(HAND_IN_PART)
                .where(HAND_IN_PART.HAND_IN_ID.eq(handInId))
                .orderBy(HAND_IN_PART.PATH)
                .fetchMap(HAND_IN_PART.PATH, HAND_IN_PART.CONTENT);
    }

    Map<String, Copy> media(UUID handInId) {
        return db.selectFrom(HAND_IN_MEDIA).where(HAND_IN_MEDIA.HAND_IN_ID.eq(handInId)).stream()
                .collect(toMap(
                        row -> row.get(HAND_IN_MEDIA.PATH),
                        row -> new Copy(row.get(HAND_IN_MEDIA.MEDIA_ID), row.get(HAND_IN_MEDIA.IS_SMALL))));
    }

    /** The versions that a media item went along with, as pictures and sounds of the work or as a spoken word. */
    List<HandIn> withMedia(UUID mediaId) {
        return fetch(HAND_IN.WORD_SOUND_ID
                .eq(mediaId)
                .or(HAND_IN.ID.in(db.select(HAND_IN_MEDIA.HAND_IN_ID)
                        .from(HAND_IN_MEDIA)
                        .where(HAND_IN_MEDIA.MEDIA_ID.eq(mediaId)))));
    }

    void insert(HandIn handIn, Manifest manifest, Map<String, String> parts, Map<String, Copy> media) {
        db.insertInto(HAND_IN)
                .set(HAND_IN.ID, handIn.id())
                .set(HAND_IN.WORK_ID, handIn.workId())
                .set(HAND_IN.CLASS_ID, handIn.to().classId())
                .set(HAND_IN.SET_WORK_ID, handIn.to().setWorkId().orElse(null))
                .set(HAND_IN.NOTEBOOK_ID, handIn.notebookId())
                .set(HAND_IN.SECTION_ID, handIn.picked() instanceof OfSection(var section) ? section : null)
                .set(HAND_IN.PAGES, handIn.picked() instanceof OfPages(var pages) ? written(pages) : null)
                .set(HAND_IN.BOOK_ID, handIn.picked() instanceof OfBook(var book) ? book : null)
                .set(HAND_IN.COLLECTION_ID, handIn.picked() instanceof OfCollection(var collection) ? collection : null)
                .set(HAND_IN.MONDAY, handIn.picked() instanceof OfSheet sheet ? sheet.monday() : null)
                .set(HAND_IN.STUDENT_ID, handIn.studentId())
                .set(HAND_IN.PURPOSE, handIn.purpose().name())
                .set(HAND_IN.WORD, handIn.word().words())
                .set(HAND_IN.WORD_SOUND_ID, handIn.word().soundId().orElse(null))
                .set(HAND_IN.TITLE, handIn.title())
                .set(HAND_IN.VERSION, handIn.version())
                .set(HAND_IN.STATE, handIn.state().name())
                .set(HAND_IN.MISSING, handIn.missing())
                .set(HAND_IN.SEALED_AT, handIn.sealedAt())
                .set(HAND_IN.MANIFEST, manifest.text())
                .set(HAND_IN.DIGEST, handIn.digest())
                .set(
                        HAND_IN.KEY_ID,
                        handIn.signature().map(SealKeys.Signature::keyId).orElse(null))
                .set(
                        HAND_IN.SIGNATURE,
                        handIn.signature().map(SealKeys.Signature::bytes).orElse(null))
                .execute();
        parts.forEach((path, content) -> db.insertInto(HAND_IN_PART)
                .set(HAND_IN_PART.HAND_IN_ID, handIn.id())
                .set(HAND_IN_PART.PATH, path)
                .set(HAND_IN_PART.CONTENT, content)
                .execute());
        media.forEach((path, copy) -> db.insertInto(HAND_IN_MEDIA)
                .set(HAND_IN_MEDIA.HAND_IN_ID, handIn.id())
                .set(HAND_IN_MEDIA.PATH, path)
                .set(HAND_IN_MEDIA.MEDIA_ID, copy.mediaId())
                .set(HAND_IN_MEDIA.IS_SMALL, copy.isSmall())
                .execute());
        handIn.with()
                .forEach(person -> db.insertInto(HAND_IN_AUTHOR, HAND_IN_AUTHOR.HAND_IN_ID, HAND_IN_AUTHOR.PERSON_ID)
                        .values(handIn.id(), person)
                        .execute());
    }

    /** Moves a version on; false when it no longer stood where it was thought to. */
    boolean move(HandIn handIn, HandInState to, Instant at) {
        return db.update(HAND_IN)
                        .set(HAND_IN.STATE, to.name())
                        .set(HAND_IN.DECIDED_AT, at)
                        .where(
                                HAND_IN.ID.eq(handIn.id()),
                                HAND_IN.STATE.eq(handIn.state().name()))
                        .execute()
                == 1;
    }

    /** Takes a version back while it waits; false when the teacher was faster. */
    boolean delete(UUID id) {
        return db.deleteFrom(HAND_IN)
                        .where(HAND_IN.ID.eq(id), HAND_IN.STATE.eq(HandInState.WAITING.name()))
                        .execute()
                == 1;
    }

    private List<HandIn> fetch(Condition which) {
        var found = db.select(LINE)
                .from(HAND_IN)
                .where(which)
                .orderBy(HAND_IN.SEALED_AT.desc(), HAND_IN.VERSION.desc(), HAND_IN.PURPOSE.desc())
                .fetch();
        var with = authors(found.getValues(HAND_IN.ID));
        return found.map(row -> handIn(row, with.getOrDefault(row.get(HAND_IN.ID), List.of())));
    }

    /** Who made versions together with their senders. */
    private Map<UUID, List<UUID>> authors(List<UUID> handInIds) {
        return handInIds.isEmpty()
                ? Map.of()
                : db.selectFrom(HAND_IN_AUTHOR)
                        .where(HAND_IN_AUTHOR.HAND_IN_ID.in(handInIds))
                        .orderBy(HAND_IN_AUTHOR.PERSON_ID)
                        .fetchGroups(HAND_IN_AUTHOR.HAND_IN_ID, HAND_IN_AUTHOR.PERSON_ID);
    }

    private static HandIn handIn(Record found, List<UUID> with) {
        return new HandIn(
                found.get(HAND_IN.ID),
                found.get(HAND_IN.WORK_ID),
                new Addressed(found.get(HAND_IN.CLASS_ID), Optional.ofNullable(found.get(HAND_IN.SET_WORK_ID))),
                found.get(HAND_IN.NOTEBOOK_ID),
                picked(found),
                found.get(HAND_IN.STUDENT_ID),
                with,
                found.get(HAND_IN.TITLE),
                Purpose.valueOf(found.get(HAND_IN.PURPOSE)),
                found.get(HAND_IN.VERSION),
                HandInState.valueOf(found.get(HAND_IN.STATE)),
                found.get(HAND_IN.MISSING),
                found.get(HAND_IN.SEALED_AT),
                new Word(found.get(HAND_IN.WORD), Optional.ofNullable(found.get(HAND_IN.WORD_SOUND_ID))),
                found.get(HAND_IN.DIGEST),
                Optional.ofNullable(found.get(HAND_IN.SIGNATURE))
                        .map(bytes -> new SealKeys.Signature(found.get(HAND_IN.KEY_ID), bytes)));
    }

    private static Picked picked(Record found) {
        if (found.get(HAND_IN.SECTION_ID) != null) {
            return new OfSection(found.get(HAND_IN.SECTION_ID));
        }
        if (found.get(HAND_IN.BOOK_ID) != null) {
            return new OfBook(found.get(HAND_IN.BOOK_ID));
        }
        if (found.get(HAND_IN.COLLECTION_ID) != null) {
            return new OfCollection(found.get(HAND_IN.COLLECTION_ID));
        }
        return found.get(HAND_IN.MONDAY) == null
                ? new OfPages(Stream.of(found.get(HAND_IN.PAGES).split(" "))
                        .map(UUID::fromString)
                        .toList())
                : new OfSheet(found.get(HAND_IN.NOTEBOOK_ID), found.get(HAND_IN.MONDAY));
    }

    private static String written(List<UUID> pages) {
        return pages.stream().map(UUID::toString).collect(joining(" "));
    }
}
