package notchbook.app.media;

import static notchbook.tables.Tables.MEDIA;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
                .set(MEDIA.PEAKS, item.peaks().stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .set(MEDIA.CAPTURED_AT, item.capturedAt().orElse(null))
                .set(MEDIA.CREATED_AT, at)
                .execute();
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
                peaks(found.get(MEDIA.PEAKS)),
                Optional.ofNullable(found.get(MEDIA.CAPTURED_AT)));
    }

    private static List<Integer> peaks(String written) {
        return Stream.of(written.split(" "))
                .filter(peak -> !peak.isEmpty())
                .map(Integer::valueOf)
                .toList();
    }
}
