package notchbook.app.handin;

import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.HAND_IN_MEDIA;
import static notchbook.tables.Tables.HAND_IN_PART;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.app.seal.SealKeys;
import notchbook.core.handin.HandInState;
import notchbook.core.seal.Manifest;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class HandInStore {
    private final DSLContext db;

    HandInStore(DSLContext db) {
        this.db = db;
    }

    Optional<HandIn> find(UUID id) {
        return fetch(HAND_IN.ID.eq(id)).stream().findFirst();
    }

    /** A version that nobody else changes or remarks on until this is done. */
    HandIn lock(UUID id) {
        return handIn(db.selectFrom(HAND_IN)
                .where(HAND_IN.ID.eq(id))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> Refusal.notFound("hand-in")));
    }

    /** All versions by one student, the latest first. */
    List<HandIn> by(UUID studentId) {
        return fetch(HAND_IN.STUDENT_ID.eq(studentId));
    }

    /** All versions of set work, the latest first. */
    List<HandIn> of(Collection<UUID> setWorkIds) {
        return fetch(HAND_IN.SET_WORK_ID.in(setWorkIds));
    }

    Map<String, String> parts(UUID handInId) {
        return db.selectFrom(HAND_IN_PART)
                .where(HAND_IN_PART.HAND_IN_ID.eq(handInId))
                .orderBy(HAND_IN_PART.PATH)
                .fetchMap(HAND_IN_PART.PATH, HAND_IN_PART.CONTENT);
    }

    Map<String, UUID> media(UUID handInId) {
        return db.selectFrom(HAND_IN_MEDIA)
                .where(HAND_IN_MEDIA.HAND_IN_ID.eq(handInId))
                .fetchMap(HAND_IN_MEDIA.PATH, HAND_IN_MEDIA.MEDIA_ID);
    }

    /** The set work of every version that holds a media item. */
    List<UUID> setWorkWithMedia(UUID mediaId) {
        return db.selectDistinct(HAND_IN.SET_WORK_ID)
                .from(HAND_IN_MEDIA)
                .join(HAND_IN)
                .on(HAND_IN.ID.eq(HAND_IN_MEDIA.HAND_IN_ID))
                .where(HAND_IN_MEDIA.MEDIA_ID.eq(mediaId))
                .fetch(HAND_IN.SET_WORK_ID);
    }

    void insert(HandIn handIn, Map<String, String> parts, Map<String, UUID> media) {
        db.insertInto(HAND_IN)
                .set(HAND_IN.ID, handIn.id())
                .set(HAND_IN.SET_WORK_ID, handIn.setWorkId())
                .set(HAND_IN.STUDENT_ID, handIn.studentId())
                .set(HAND_IN.SECTION_ID, handIn.sectionId())
                .set(HAND_IN.TITLE, handIn.title())
                .set(HAND_IN.VERSION, handIn.version())
                .set(HAND_IN.STATE, handIn.state().name())
                .set(HAND_IN.MISSING, handIn.missing())
                .set(HAND_IN.SEALED_AT, handIn.sealedAt())
                .set(HAND_IN.MANIFEST, handIn.manifest().text())
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
        media.forEach((path, mediaId) -> db.insertInto(HAND_IN_MEDIA)
                .set(HAND_IN_MEDIA.HAND_IN_ID, handIn.id())
                .set(HAND_IN_MEDIA.PATH, path)
                .set(HAND_IN_MEDIA.MEDIA_ID, mediaId)
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
        return db.selectFrom(HAND_IN)
                .where(which)
                .orderBy(HAND_IN.VERSION.desc(), HAND_IN.SEALED_AT.desc())
                .fetch(HandInStore::handIn);
    }

    private static HandIn handIn(Record found) {
        return new HandIn(
                found.get(HAND_IN.ID),
                found.get(HAND_IN.SET_WORK_ID),
                found.get(HAND_IN.STUDENT_ID),
                found.get(HAND_IN.SECTION_ID),
                found.get(HAND_IN.TITLE),
                found.get(HAND_IN.VERSION),
                HandInState.valueOf(found.get(HAND_IN.STATE)),
                found.get(HAND_IN.MISSING),
                found.get(HAND_IN.SEALED_AT),
                Manifest.parse(found.get(HAND_IN.MANIFEST)),
                found.get(HAND_IN.DIGEST),
                Optional.ofNullable(found.get(HAND_IN.SIGNATURE))
                        .map(bytes -> new SealKeys.Signature(found.get(HAND_IN.KEY_ID), bytes)));
    }
}
