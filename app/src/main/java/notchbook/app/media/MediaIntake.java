package notchbook.app.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.notebook.FileName;
import notchbook.formats.file.FileType;
import notchbook.imaging.photo.PhotoIntake;
import notchbook.imaging.photo.PhotoRefused;
import notchbook.imaging.scan.Scan;
import org.springframework.stereotype.Component;

/** Judges a file by its content and keeps it as a photo, a recording, a clip or a file to be fetched. */
@Component
class MediaIntake {
    /** A full picture of 40 megapixels stays below this. */
    private static final long LARGEST_PHOTO = 60_000_000;

    /** A term's slides with their pictures. */
    static final long LARGEST_FILE = 200_000_000;

    /** A decoded picture of 40 megapixels takes 120 MB and its turned copy as much again: two at a time fit. */
    private final Semaphore decoding = new Semaphore(2);

    private final MediaStore store;
    private final MediaFiles files;
    private final SoundIntake sounds;
    private final FilmIntake films;
    private final Jobs jobs;
    private final SchoolClock clock;

    MediaIntake(
            MediaStore store, MediaFiles files, SoundIntake sounds, FilmIntake films, Jobs jobs, SchoolClock clock) {
        this.store = store;
        this.files = files;
        this.sounds = sounds;
        this.films = films;
        this.jobs = jobs;
        this.clock = clock;
    }

    MediaItem take(Person owner, Incoming incoming) {
        try {
            var item = judged(owner, incoming);
            store.insert(item, clock.now());
            if (item.kind() == MediaKind.FILE) {
                jobs.want(MediaWords.NAME, item.id());
            }
            if (item.kind() == MediaKind.CLIP) {
                jobs.want(CompactFilm.NAME, item.id());
            }
            if (CompactSound.isWanted(item)) {
                jobs.want(CompactSound.NAME, item.id());
            }
            return item;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private MediaItem judged(Person owner, Incoming incoming) throws IOException {
        if (Files.size(incoming.file()) == 0) {
            throw Refusal.unfit(
                    "“%s” is empty: there is nothing in it. Save it once more where it was made, and add that."
                            .formatted(FileName.parse(incoming.name()).name()));
        }
        if (looksLikePicture(head(incoming.file()))) {
            return photo(owner, incoming);
        }
        var sound = SoundFormat.of(incoming.file());
        if (sound.isPresent()) {
            return sound(owner, incoming, sound.get());
        }
        if (isNamedAsPicture(incoming.name())) {
            return photo(owner, incoming);
        }
        var clip = clip(owner, incoming);
        return clip.isPresent() ? clip.get() : plain(owner, incoming);
    }

    private Optional<MediaItem> clip(Person owner, Incoming incoming) throws IOException {
        var kept = Files.createTempFile("notchbook", ".film");
        try {
            var film = films.take(incoming, kept);
            if (film.isEmpty()) {
                return Optional.empty();
            }
            return Optional.of(new MediaItem(
                    incoming.id(),
                    owner.id(),
                    MediaKind.CLIP,
                    film.get().format().type,
                    FileName.parse(incoming.name()).name(),
                    files.keep(kept),
                    Optional.empty(),
                    Files.size(kept),
                    Optional.of(film.get().width()),
                    Optional.of(film.get().height()),
                    Optional.of(film.get().seconds()),
                    film.get().sound(),
                    Optional.empty()));
        } finally {
            Files.deleteIfExists(kept);
        }
    }

    private MediaItem photo(Person owner, Incoming incoming) throws IOException {
        if (Files.size(incoming.file()) > LARGEST_PHOTO) {
            throw Refusal.unfit("This picture is larger than 60 MB. Make it smaller and send it again.");
        }
        decoding.acquireUninterruptibly();
        try {
            var photo = PhotoIntake.take(readable(incoming.file()));
            return new MediaItem(
                    incoming.id(),
                    owner.id(),
                    MediaKind.PHOTO,
                    photo.type(),
                    FileName.parse(incoming.name()).name(),
                    files.keep(photo.full()),
                    Optional.of(files.keep(photo.screen())),
                    photo.full().length,
                    Optional.of(photo.width()),
                    Optional.of(photo.height()),
                    Optional.empty(),
                    Optional.empty(),
                    photo.capturedAt().map(clock::at));
        } catch (PhotoRefused refused) {
            throw Refusal.unfit(refused.getMessage());
        } finally {
            decoding.release();
        }
    }

    /** As it came, or as a JPEG where it is one of those that only a program outside can read. */
    private static byte[] readable(Path file) throws IOException {
        var bytes = Files.readAllBytes(file);
        return PhotoIntake.isHeic(bytes) ? HeicPhoto.jpeg(file).orElse(bytes) : bytes;
    }

    MediaItem keepPage(UUID ownerId, String name, Scan.Page page) {
        var item = new MediaItem(
                clock.newId(),
                ownerId,
                MediaKind.PHOTO,
                "image/jpeg",
                FileName.parse(name).name(),
                files.keep(page.jpeg()),
                Optional.of(files.keep(page.screen())),
                page.jpeg().length,
                Optional.of(page.width()),
                Optional.of(page.height()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        store.insert(item, clock.now());
        jobs.want(MediaWords.NAME, item.id());
        return item;
    }

    private MediaItem sound(Person owner, Incoming incoming, SoundFormat format) throws IOException {
        var kept = Files.createTempFile("notchbook", "." + format.extension);
        try {
            var sound = sounds.take(incoming, format, kept);
            return new MediaItem(
                    incoming.id(),
                    owner.id(),
                    MediaKind.RECORDING,
                    format.type,
                    FileName.parse(incoming.name()).name(),
                    files.keep(kept),
                    Optional.empty(),
                    Files.size(kept),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(sound.seconds()),
                    Optional.of(sound),
                    Optional.empty());
        } finally {
            Files.delete(kept);
        }
    }

    private MediaItem plain(Person owner, Incoming incoming) throws IOException {
        if (Files.size(incoming.file()) > LARGEST_FILE) {
            throw Refusal.unfit("This file is larger than 200 MB. Make it smaller and send it again.");
        }
        return new MediaItem(
                incoming.id(),
                owner.id(),
                MediaKind.FILE,
                FileType.of(incoming.name(), incoming.file()).mediaType(),
                FileName.parse(incoming.name()).name(),
                files.keep(incoming.file()),
                Optional.empty(),
                Files.size(incoming.file()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static boolean looksLikePicture(String head) {
        return head.startsWith("\u00FF\u00D8\u00FF")
                || head.startsWith("\u0089PNG")
                || head.startsWith("RIFF") && head.startsWith("WEBP", 8)
                || PhotoIntake.isHeic(head.getBytes(StandardCharsets.ISO_8859_1));
    }

    /** A name that claims a picture is held to it: the picture reader then says what is wrong. */
    private static boolean isNamedAsPicture(String name) {
        return name.toLowerCase(Locale.ROOT).matches(".*\\.(jpe?g|png|webp|gif|heic|bmp)");
    }

    private static String head(Path file) throws IOException {
        try (var in = Files.newInputStream(file)) {
            return new String(in.readNBytes(16), StandardCharsets.ISO_8859_1);
        }
    }
}
