package notchbook.app.remark;

import static notchbook.tables.Tables.REMARK;
import static notchbook.tables.Tables.REMARK_ANSWER;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.ink.Drawing;
import notchbook.core.remark.Anchor;
import notchbook.core.remark.Saying;
import notchbook.core.version.Span;
import notchbook.formats.ink.DrawingJson;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class RemarkStore {
    private final DSLContext db;

    RemarkStore(DSLContext db) {
        this.db = db;
    }

    /** The remarks on these versions, in the order of their numbers. */
    List<Remark> on(Collection<UUID> handInIds) {
        return fetch(REMARK.HAND_IN_ID.in(handInIds));
    }

    Optional<Remark> find(UUID id) {
        return fetch(REMARK.ID.eq(id)).stream().findFirst();
    }

    /** The versions that hold a remark with this sound. */
    List<UUID> withSound(UUID mediaId) {
        return db.selectDistinct(REMARK.HAND_IN_ID)
                .from(REMARK)
                .where(REMARK.SOUND_ID.eq(mediaId))
                .fetch(REMARK.HAND_IN_ID);
    }

    private List<Remark> fetch(Condition which) {
        return db.select(REMARK.fields())
                .select(REMARK_ANSWER.WORDS)
                .from(REMARK)
                .leftJoin(REMARK_ANSWER)
                .on(REMARK_ANSWER.REMARK_ID.eq(REMARK.ID))
                .where(which)
                .orderBy(REMARK.NUMBER)
                .fetch(RemarkStore::remark);
    }

    void insert(Remark remark) {
        var saying = remark.saying();
        db.insertInto(REMARK)
                .set(REMARK.ID, remark.id())
                .set(REMARK.HAND_IN_ID, remark.handInId())
                .set(REMARK.PAGE_ID, remark.pageId().orElse(null))
                .set(REMARK.NUMBER, remark.number())
                .set(REMARK.AUTHOR_ID, remark.authorId())
                .set(REMARK.WORDS, saying.words())
                .set(REMARK.SOUND_ID, saying.sound().orElse(null))
                .set(REMARK.DRAWING, saying.drawing().map(DrawingJson::write).orElse(null))
                .set(REMARK.SIGN, saying.sign().map(Saying.Sign::name).orElse(null))
                .set(REMARK.GOES_BACK_TO, remark.goesBackTo().orElse(null))
                .set(REMARK.AT, remark.at())
                .set(REMARK.ABOUT, About.of(remark.anchor()).name())
                .set(REMARK.ENTRY_ID, remark.anchor().on().orElse(null))
                .set(places(remark.anchor()))
                .execute();
    }

    /** Where in its entry a remark is. */
    private static Map<Field<?>, Object> places(Anchor anchor) {
        return switch (anchor) {
            case Anchor.Whole ignored -> Map.of();
            case Anchor.OnEntry ignored -> Map.of();
            case Anchor.OnWords words ->
                Map.of(
                        REMARK.SPAN_FROM, words.span().from(),
                        REMARK.SPAN_TO, words.span().to(),
                        REMARK.QUOTE, words.quote());
            case Anchor.OnSpot spot ->
                Map.of(REMARK.PICTURE, spot.picture(), REMARK.SPOT_X, spot.x(), REMARK.SPOT_Y, spot.y());
            case Anchor.OnMoment moment -> Map.of(REMARK.AT_MILLIS, moment.atMillis());
        };
    }

    void delete(UUID handInId, UUID id) {
        db.deleteFrom(REMARK)
                .where(REMARK.ID.eq(id), REMARK.HAND_IN_ID.eq(handInId))
                .execute();
    }

    void answer(UUID remarkId, String words, Instant at) {
        db.insertInto(REMARK_ANSWER)
                .set(REMARK_ANSWER.REMARK_ID, remarkId)
                .set(REMARK_ANSWER.WORDS, words)
                .set(REMARK_ANSWER.AT, at)
                .onDuplicateKeyUpdate()
                .set(REMARK_ANSWER.WORDS, words)
                .set(REMARK_ANSWER.AT, at)
                .execute();
    }

    void takeAnswerBack(UUID remarkId) {
        db.deleteFrom(REMARK_ANSWER).where(REMARK_ANSWER.REMARK_ID.eq(remarkId)).execute();
    }

    private static Remark remark(Record found) {
        return new Remark(
                found.get(REMARK.ID),
                found.get(REMARK.HAND_IN_ID),
                Optional.ofNullable(found.get(REMARK.PAGE_ID)),
                anchor(found),
                found.get(REMARK.NUMBER),
                found.get(REMARK.AUTHOR_ID),
                new Saying(
                        found.get(REMARK.WORDS),
                        Optional.ofNullable(found.get(REMARK.SOUND_ID)),
                        Optional.<String>ofNullable(found.get(REMARK.DRAWING)).<Drawing>map(DrawingJson::read),
                        Optional.ofNullable(found.get(REMARK.SIGN)).map(Saying.Sign::valueOf)),
                Optional.ofNullable(found.get(REMARK.GOES_BACK_TO)),
                found.get(REMARK.AT),
                Optional.ofNullable(found.get(REMARK_ANSWER.WORDS)));
    }

    private static Anchor anchor(Record found) {
        var entry = found.get(REMARK.ENTRY_ID);
        return switch (About.valueOf(found.get(REMARK.ABOUT))) {
            case WHOLE -> new Anchor.Whole();
            case ENTRY -> new Anchor.OnEntry(entry);
            case WORDS ->
                new Anchor.OnWords(
                        entry,
                        new Span(found.get(REMARK.SPAN_FROM), found.get(REMARK.SPAN_TO)),
                        found.get(REMARK.QUOTE));
            case SPOT ->
                new Anchor.OnSpot(entry, found.get(REMARK.PICTURE), found.get(REMARK.SPOT_X), found.get(REMARK.SPOT_Y));
            case MOMENT -> new Anchor.OnMoment(entry, found.get(REMARK.AT_MILLIS));
        };
    }
}
