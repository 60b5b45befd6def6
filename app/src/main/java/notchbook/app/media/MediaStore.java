package notchbook.app.media;

import static notchbook.tables.Tables.MEDIA;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import notchbook.core.voice.Audibility;
import notchbook.core.voice.Silence;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class MediaStore {
    private final DSLContext db;

    MediaStore(DSLContext db) {
        this.db = db;
    }

    Optional<MediaItem> find(UUID id) {
        return db.selectFrom(MEDIA).where(MEDIA.ID.eq(id)).fetchOptional(MediaStore::item);
    }

    Map<UUID, MediaItem> findAll(Collection<UUID> ids) {
        return db.selectFrom(MEDIA).where(MEDIA.ID.in(ids)).fetch(MediaStore::item).stream()
                .collect(Collectors.toMap(MediaItem::id, item -> item));
    }

    /** The smaller copy that was made of a content of this kind. */
    Optional<String> screenOf(String sha256, MediaKind kind) {
        return db.select(MEDIA.SCREEN_SHA256)
                .from(MEDIA)
                .where(MEDIA.SHA256.eq(sha256), MEDIA.KIND.eq(kind.name()), MEDIA.SCREEN_SHA256.isNotNull())
                .limit(1)
                .fetchOptional(MEDIA.SCREEN_SHA256);
    }

    void insert(MediaItem item, Instant at) {
        db.insertInto(MEDIA)
                .set(MEDIA.ID, item.id())
                .set(MEDIA.OWNER_ID, item.ownerId())
                .set(MEDIA.KIND, item.kind().name())
                .set(MEDIA.TYPE, item.type())
                .set(MEDIA.NAME, item.name())
                .set(MEDIA.SHA256, item.sha256())
                .set(MEDIA.SCREEN_SHA256, item.screenSha256().orElse(null))
                .set(MEDIA.BYTES, item.bytes())
                .set(MEDIA.WIDTH, item.width().orElse(null))
                .set(MEDIA.HEIGHT, item.height().orElse(null))
                .set(MEDIA.SECONDS, item.seconds().orElse(null))
                .set(MEDIA.PEAKS, written(item.sound().stream().flatMap(sound -> sound.peaks().stream())))
                .set(
                        MEDIA.SILENCES,
                        written(item.sound().stream()
                                .flatMap(sound -> sound.silences().stream())
                                .flatMap(silence -> Stream.of(silence.fromMillis(), silence.toMillis()))))
                .set(
                        MEDIA.AUDIBILITY,
                        item.sound().map(sound -> sound.audibility().name()).orElse(null))
                .set(MEDIA.CAPTURED_AT, item.capturedAt().orElse(null))
                .set(MEDIA.CREATED_AT, at)
                .execute();
    }

    /** Keeps the smaller copy of an item under its digest. */
    void keepScreen(UUID id, String sha256) {
        db.update(MEDIA).set(MEDIA.SCREEN_SHA256, sha256).where(MEDIA.ID.eq(id)).execute();
    }

    /** Whether a content belongs to an item. */
    boolean isKept(String sha256) {
        return db.fetchExists(MEDIA, MEDIA.SHA256.eq(sha256).or(MEDIA.SCREEN_SHA256.eq(sha256)));
    }

    private static MediaItem item(Record found) {
        return new MediaItem(
                found.get(MEDIA.ID),
                found.get(MEDIA.OWNER_ID),
                MediaKind.valueOf(found.get(MEDIA.KIND)),
                found.get(MEDIA.TYPE),
                found.get(MEDIA.NAME),
                found.get(MEDIA.SHA256),
                Optional.ofNullable(found.get(MEDIA.SCREEN_SHA256)),
                found.get(MEDIA.BYTES),
                Optional.ofNullable(found.get(MEDIA.WIDTH)),
                Optional.ofNullable(found.get(MEDIA.HEIGHT)),
                Optional.ofNullable(found.get(MEDIA.SECONDS)),
                // A silent film has a length and nothing to hear.
                Optional.ofNullable(found.get(MEDIA.SECONDS))
                        .filter(seconds -> found.get(MEDIA.AUDIBILITY) != null
                                || !found.get(MEDIA.PEAKS).isEmpty())
                        .map(seconds -> sound(seconds, found)),
                Optional.ofNullable(found.get(MEDIA.CAPTURED_AT)));
    }

    private static Sound sound(double seconds, Record found) {
        var silences = new ArrayList<Silence>();
        var ends = numbers(found.get(MEDIA.SILENCES)).mapToLong(Long::parseLong).toArray();
        for (var i = 0; i + 1 < ends.length; i += 2) {
            silences.add(new Silence(ends[i], ends[i + 1]));
        }
        return new Sound(
                seconds,
                numbers(found.get(MEDIA.PEAKS)).map(Integer::valueOf).toList(),
                List.copyOf(silences),
                Optional.ofNullable(found.get(MEDIA.AUDIBILITY))
                        .map(Audibility::valueOf)
                        .orElse(Audibility.CLEAR));
    }

    private static String written(Stream<? extends Number> numbers) {
        return numbers.map(String::valueOf).collect(Collectors.joining(" "));
    }

    private static Stream<String> numbers(String written) {
        return Stream.of(written.split(" ")).filter(number -> !number.isEmpty());
    }
}
