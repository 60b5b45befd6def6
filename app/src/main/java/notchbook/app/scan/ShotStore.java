package notchbook.app.scan;

import static notchbook.tables.Tables.SHOT;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.scan.Finish;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.Quad;
import notchbook.core.scan.Recipe;
import notchbook.formats.scan.PhotoSetJson;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class ShotStore {
    private final DSLContext db;

    ShotStore(DSLContext db) {
        this.db = db;
    }

    Optional<Shot> find(UUID id) {
        return db.selectFrom(SHOT).where(SHOT.ID.eq(id)).fetchOptional(ShotStore::shot);
    }

    /** The shots on a bench as they arrived. */
    List<Shot> on(UUID scanId) {
        return db.selectFrom(SHOT)
                .where(SHOT.SCAN_ID.eq(scanId))
                .orderBy(SHOT.ARRIVED_AT, SHOT.ID)
                .fetch(ShotStore::shot);
    }

    int count(UUID scanId) {
        return db.fetchCount(SHOT, SHOT.SCAN_ID.eq(scanId));
    }

    void insert(Shot shot) {
        db.insertInto(SHOT)
                .set(SHOT.ID, shot.id())
                .set(SHOT.SCAN_ID, shot.scanId())
                .set(SHOT.PHOTO_ID, shot.photoId())
                .set(SHOT.ARRIVED_AT, shot.arrivedAt())
                .set(SHOT.STATE, shot.state().name())
                .set(SHOT.PAGE_KEY, shot.pageKey())
                .set(SHOT.NAME, shot.name())
                .set(SHOT.GIST, shot.gist())
                .execute();
    }

    /** Writes the page that was made of a shot, and nothing of what the student said of it meanwhile. */
    void made(UUID id, UUID picture, Recipe recipe) {
        make(id, ShotState.READY, picture, recipe);
    }

    /** A shot without a page of its own is shown as it was taken. */
    void failed(Shot shot) {
        make(shot.id(), ShotState.FAILED, shot.photoId(), Recipe.WHOLE);
    }

    private void make(UUID id, ShotState state, UUID picture, Recipe recipe) {
        db.update(SHOT)
                .set(SHOT.STATE, state.name())
                .set(SHOT.PICTURE_ID, picture)
                .set(SHOT.CORNERS, written(recipe.quad()))
                .set(SHOT.QUARTERS, recipe.quarters())
                .set(SHOT.FINISH, recipe.finish().name())
                .where(SHOT.ID.eq(id))
                .execute();
    }

    /** Writes what was measured of a shot, and by what its page is known again. */
    void judged(UUID id, Judgement judgement, UUID pageKey, byte[] trace) {
        db.update(SHOT)
                .set(SHOT.CORNER_SURENESS, judgement.cornerSureness())
                .set(SHOT.SHARPNESS, judgement.sharpness())
                .set(SHOT.GLARE, judgement.glare())
                .set(SHOT.BRIGHTNESS, judgement.brightness())
                .set(SHOT.PAGE_KEY, pageKey)
                .set(SHOT.TRACE, trace)
                .where(SHOT.ID.eq(id))
                .execute();
    }

    void leaveOut(UUID id, boolean isLeftOut) {
        db.update(SHOT).set(SHOT.LEFT_OUT, isLeftOut).where(SHOT.ID.eq(id)).execute();
    }

    void name(UUID id, String name, String gist) {
        db.update(SHOT)
                .set(SHOT.NAME, name)
                .set(SHOT.GIST, gist)
                .where(SHOT.ID.eq(id))
                .execute();
    }

    void place(UUID id, int position) {
        db.update(SHOT).set(SHOT.POSITION, position).where(SHOT.ID.eq(id)).execute();
    }

    void delete(UUID id) {
        db.deleteFrom(SHOT).where(SHOT.ID.eq(id)).execute();
    }

    /** By page key: the traces of the pages on a bench. */
    Map<UUID, List<byte[]>> traces(UUID scanId) {
        return db
                .select(SHOT.PAGE_KEY, SHOT.TRACE)
                .from(SHOT)
                .where(SHOT.SCAN_ID.eq(scanId), SHOT.TRACE.isNotNull())
                .orderBy(SHOT.ARRIVED_AT, SHOT.ID)
                .fetch()
                .stream()
                .collect(Collectors.groupingBy(
                        row -> row.get(SHOT.PAGE_KEY),
                        Collectors.mapping(row -> row.get(SHOT.TRACE), Collectors.toList())));
    }

    private static Shot shot(Record found) {
        return new Shot(
                found.get(SHOT.ID),
                found.get(SHOT.SCAN_ID),
                found.get(SHOT.PHOTO_ID),
                Optional.ofNullable(found.get(SHOT.PICTURE_ID)),
                found.get(SHOT.ARRIVED_AT),
                Optional.ofNullable(found.get(SHOT.POSITION))
                        .map(OptionalInt::of)
                        .orElse(OptionalInt.empty()),
                Optional.ofNullable(found.get(SHOT.LEFT_OUT)),
                ShotState.valueOf(found.get(SHOT.STATE)),
                Optional.ofNullable(found.get(SHOT.CORNERS)).map(corners -> recipe(corners, found)),
                Optional.ofNullable(found.get(SHOT.CORNER_SURENESS)).map(sureness -> judgement(sureness, found)),
                found.get(SHOT.PAGE_KEY),
                found.get(SHOT.NAME),
                found.get(SHOT.GIST));
    }

    private static Recipe recipe(String corners, Record found) {
        return new Recipe(
                PhotoSetJson.quad(
                        Arrays.stream(corners.split(" ")).map(Double::valueOf).toList()),
                found.get(SHOT.QUARTERS),
                Finish.valueOf(found.get(SHOT.FINISH)));
    }

    private static String written(Quad quad) {
        return PhotoSetJson.corners(quad).stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    private static Judgement judgement(double sureness, Record found) {
        return new Judgement(sureness, found.get(SHOT.SHARPNESS), found.get(SHOT.GLARE), found.get(SHOT.BRIGHTNESS));
    }
}
