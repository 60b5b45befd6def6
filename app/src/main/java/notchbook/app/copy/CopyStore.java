package notchbook.app.copy;

import static notchbook.tables.Tables.COPY;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.MadeStore;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfWish;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class CopyStore extends MadeStore {

    CopyStore(DSLContext db) {
        super(db, COPY);
    }

    void insert(Copy copy) {
        db.insertInto(COPY)
                .set(COPY.ID, copy.id())
                .set(COPY.OWNER_ID, copy.ownerId())
                .set(COPY.KIND, copy.kind().name())
                .set(COPY.OF_ID, copy.of())
                .set(COPY.FORM, copy.form().name())
                .set(COPY.PAPER, copy.pdf().paper().name())
                .set(COPY.SOUNDS, copy.pdf().sounds().name())
                .set(COPY.IS_BOOK, copy.pdf().isBook())
                .set(COPY.IS_TWO_UP, copy.pdf().isTwoUp())
                .set(COPY.ORIGIN, copy.origin())
                .set(COPY.TITLE, copy.title())
                .set(COPY.STATE, copy.state().name())
                .set(COPY.SHARE, copy.share())
                .set(COPY.BYTES, copy.bytes())
                .set(COPY.WANTED_AT, copy.wantedAt())
                .execute();
    }

    Optional<Copy> find(UUID id) {
        return fetch(COPY.ID.eq(id)).stream().findFirst();
    }

    /** The latest first. */
    List<Copy> of(UUID ownerId) {
        return fetch(COPY.OWNER_ID.eq(ownerId));
    }

    List<Copy> before(Instant time) {
        return fetch(COPY.WANTED_AT.lt(time));
    }

    private List<Copy> fetch(Condition which) {
        return db.selectFrom(COPY)
                .where(which)
                .orderBy(COPY.WANTED_AT.desc(), COPY.ID)
                .fetch(CopyStore::copy);
    }

    private static Copy copy(Record found) {
        return new Copy(
                found.get(COPY.ID),
                found.get(COPY.OWNER_ID),
                CopyKind.valueOf(found.get(COPY.KIND)),
                found.get(COPY.OF_ID),
                CopyForm.valueOf(found.get(COPY.FORM)),
                new PdfWish(
                        PaperSize.valueOf(found.get(COPY.PAPER)),
                        found.get(COPY.IS_BOOK),
                        PdfWish.Sounds.valueOf(found.get(COPY.SOUNDS)),
                        found.get(COPY.IS_TWO_UP)),
                found.get(COPY.ORIGIN),
                found.get(COPY.TITLE),
                MadeState.valueOf(found.get(COPY.STATE)),
                found.get(COPY.SHARE),
                found.get(COPY.BYTES),
                found.get(COPY.WORDS),
                found.get(COPY.WANTED_AT));
    }
}
