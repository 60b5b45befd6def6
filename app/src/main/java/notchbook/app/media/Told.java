package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import notchbook.formats.file.FileType;
import notchbook.imaging.photo.PhotoIntake;

/** What somebody says that a content is; {@code name} is that of the file that it came in as. */
public record Told(MediaKind kind, String type, String name) {
    /** The same of the smaller copy that is shown or listened to. */
    public Told small() {
        return switch (kind) {
            case PHOTO -> new Told(kind, "image/jpeg", name);
            case RECORDING -> new Told(kind, CompactSound.TYPE, name);
            case CLIP -> new Told(kind, CompactFilm.TYPE, name);
            case FILE -> this;
        };
    }

    /** Whether the content bears that out. */
    public boolean holdsFor(Path content) throws IOException {
        return switch (kind) {
            case PHOTO -> PhotoIntake.beginsAs(content, type);
            case RECORDING ->
                SoundFormat.of(content).filter(sound -> sound.type.equals(type)).isPresent();
            case CLIP ->
                FilmFormat.of(content).filter(film -> film.type.equals(type)).isPresent();
            case FILE -> FileType.of(name, content).mediaType().equals(type);
        };
    }
}
