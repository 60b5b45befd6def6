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
            var words = readBefore(item).orElseGet(() -> words(item));
            transaction.executeWithoutResult(status -> {
                keep(mediaId, words);
                if (!words.isEmpty()) {
                    events.publishEvent(new WordsRead(item.ownerId(), mediaId));
                }
            });
        });
    }

    private Optional<String> readBefore(MediaItem item) {
        return db.select(MEDIA_WORDS.WORDS)
                .from(MEDIA_WORDS)
                .join(MEDIA)
                .on(MEDIA.ID.eq(MEDIA_WORDS.MEDIA_ID))
                .where(MEDIA.SHA256.eq(item.sha256()), MEDIA.KIND.eq(item.kind().name()), MEDIA.NAME.eq(item.name()))
                .limit(1)
                .fetchOptional(MEDIA_WORDS.WORDS);
    }

    private String words(MediaItem item) {
        var place = files.place(item.sha256());
        return item.kind() == MediaKind.PHOTO ? PictureWords.of(place) : FileWords.of(item.name(), place);
    }

    private void keep(UUID mediaId, String words) {
        db.insertInto(MEDIA_WORDS)
                .set(MEDIA_WORDS.MEDIA_ID, mediaId)
                .set(MEDIA_WORDS.WORDS, words)
                .onDuplicateKeyUpdate()
                .set(MEDIA_WORDS.WORDS, words)
                .execute();
    }
}
