package notchbook.app.media;

import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.MEDIA_WORDS;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Job;
import notchbook.formats.file.FileWords;
import org.jooq.DSLContext;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** The words that can be read in files and on pages that were photographed, read once after they came in. */
@Component
public class MediaWords implements Job {
    static final String NAME = "words-of-file";

    private final DSLContext db;
    private final MediaStore store;
    private final MediaFiles files;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;

    MediaWords(
            DSLContext db,
            MediaStore store,
            MediaFiles files,
            ApplicationEventPublisher events,
            TransactionTemplate transaction) {
        this.db = db;
        this.store = store;
        this.files = files;
        this.events = events;
        this.transaction = transaction;
    }

    /** The words of a file were read; told within the transaction that keeps them. */
    public record WordsRead(UUID ownerId, UUID mediaId) {}

    /** The words of those of these items that have any. */
    public Map<UUID, String> of(Collection<UUID> mediaIds) {
        if (mediaIds.isEmpty()) {
            return Map.of();
        }
        return db.selectFrom(MEDIA_WORDS).where(MEDIA_WORDS.MEDIA_ID.in(mediaIds)).stream()
                .collect(toMap(row -> row.get(MEDIA_WORDS.MEDIA_ID), row -> row.get(MEDIA_WORDS.WORDS)));
    }

    /** What was read in an item, and by how many quarters it has to be turned, clockwise, to be read. */
    public record Reading(String words, int quarters) {}

    /** What was read of those of these items that were read already. */
    public Map<UUID, Reading> readings(Collection<UUID> mediaIds) {
        if (mediaIds.isEmpty()) {
            return Map.of();
        }
        return db.selectFrom(MEDIA_WORDS).where(MEDIA_WORDS.MEDIA_ID.in(mediaIds)).stream()
                .collect(toMap(
                        row -> row.get(MEDIA_WORDS.MEDIA_ID),
                        row -> new Reading(row.get(MEDIA_WORDS.WORDS), row.get(MEDIA_WORDS.QUARTERS))));
    }

    @Override
    public String name() {
        return NAME;
    }

    /** Reading a page takes seconds; what somebody waits for goes first. */
    @Override
    public boolean canWait() {
        return true;
    }

    /** The same file is read once, whoever sent it in and however often. */
    @Override
    public void run(UUID mediaId) {
        store.find(mediaId).ifPresent(item -> {
            var reading = readBefore(item).orElseGet(() -> read(item));
            transaction.executeWithoutResult(status -> {
                keep(mediaId, reading);
                if (!reading.words().isEmpty()) {
                    events.publishEvent(new WordsRead(item.ownerId(), mediaId));
                }
            });
        });
    }

    private Optional<Reading> readBefore(MediaItem item) {
        return db.select(MEDIA_WORDS.WORDS, MEDIA_WORDS.QUARTERS)
                .from(MEDIA_WORDS)
                .join(MEDIA)
                .on(MEDIA.ID.eq(MEDIA_WORDS.MEDIA_ID))
                .where(MEDIA.SHA256.eq(item.sha256()), MEDIA.KIND.eq(item.kind().name()), MEDIA.NAME.eq(item.name()))
                .limit(1)
                .fetchOptional(row -> new Reading(row.value1(), row.value2()));
    }

    private Reading read(MediaItem item) {
        var place = files.place(item.sha256());
        return item.kind() == MediaKind.PHOTO
                ? PictureWords.reading(place)
                : new Reading(FileWords.of(item.name(), place), 0);
    }

    private void keep(UUID mediaId, Reading reading) {
        db.insertInto(MEDIA_WORDS)
                .set(MEDIA_WORDS.MEDIA_ID, mediaId)
                .set(MEDIA_WORDS.WORDS, reading.words())
                .set(MEDIA_WORDS.QUARTERS, reading.quarters())
                .onDuplicateKeyUpdate()
                .set(MEDIA_WORDS.WORDS, reading.words())
                .set(MEDIA_WORDS.QUARTERS, reading.quarters())
                .execute();
    }
}
