package notchbook.app.talk;

import static notchbook.tables.Tables.TALK_FILM;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeState;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class FilmStore {
    private final DSLContext db;

    FilmStore(DSLContext db) {
        this.db = db;
    }

    void insert(TalkFilm film, Instant at) {
        db.insertInto(TALK_FILM)
                .set(TALK_FILM.ID, film.id())
                .set(TALK_FILM.OWNER_ID, film.ownerId())
                .set(TALK_FILM.RECORDING_ID, film.recording())
                .set(TALK_FILM.SUBJECT_ID, film.subject())
                .set(TALK_FILM.AT, film.at())
                .set(TALK_FILM.FORMAT, film.format().name())
                .set(TALK_FILM.STATE, film.state().name())
                .set(TALK_FILM.SHARE, film.share())
                .set(TALK_FILM.BYTES, film.bytes())
                .set(TALK_FILM.MADE_AT, at)
                .execute();
    }

    Optional<TalkFilm> find(UUID id) {
        return db.selectFrom(TALK_FILM).where(TALK_FILM.ID.eq(id)).fetchOptional(FilmStore::film);
    }

    /** How many films of a person are still to be made. */
    int waiting(UUID ownerId) {
        return db.fetchCount(
                TALK_FILM, TALK_FILM.OWNER_ID.eq(ownerId).and(TALK_FILM.STATE.eq(MadeState.WAITING.name())));
    }

    List<TalkFilm> before(Instant time) {
        return db.selectFrom(TALK_FILM).where(TALK_FILM.MADE_AT.lt(time)).fetch(FilmStore::film);
    }

    void share(UUID id, double share) {
        db.update(TALK_FILM)
                .set(TALK_FILM.SHARE, share)
                .where(TALK_FILM.ID.eq(id), TALK_FILM.STATE.eq(MadeState.WAITING.name()))
                .execute();
    }

    void ready(UUID id, String sha256, long bytes) {
        db.update(TALK_FILM)
                .set(TALK_FILM.STATE, MadeState.READY.name())
                .set(TALK_FILM.SHARE, 1.0)
                .set(TALK_FILM.SHA256, sha256)
                .set(TALK_FILM.BYTES, bytes)
                .where(TALK_FILM.ID.eq(id))
                .execute();
    }

    void failed(UUID id) {
        db.update(TALK_FILM)
                .set(TALK_FILM.STATE, MadeState.FAILED.name())
                .where(TALK_FILM.ID.eq(id))
                .execute();
    }

    void delete(UUID id) {
        db.deleteFrom(TALK_FILM).where(TALK_FILM.ID.eq(id)).execute();
    }

    private static TalkFilm film(Record found) {
        return new TalkFilm(
                found.get(TALK_FILM.ID),
                found.get(TALK_FILM.OWNER_ID),
                found.get(TALK_FILM.RECORDING_ID),
                found.get(TALK_FILM.SUBJECT_ID),
                found.get(TALK_FILM.AT),
                FilmFormat.valueOf(found.get(TALK_FILM.FORMAT)),
                MadeState.valueOf(found.get(TALK_FILM.STATE)),
                found.get(TALK_FILM.SHARE),
                Optional.ofNullable(found.get(TALK_FILM.SHA256)),
                found.get(TALK_FILM.BYTES));
    }
}
