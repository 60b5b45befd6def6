package notchbook.app.copy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import notchbook.app.media.OpusSound;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.web.Epub;

/** Sounds of a book in the form that every reader plays, for as long as the book is written. */
final class BookSounds implements AutoCloseable {
    private final List<Path> made = new ArrayList<>();

    Optional<MediaFile> asOpus(MediaFile sound) {
        try {
            var copy = Files.createTempFile("notchbook-book", ".ogg");
            made.add(copy);
            var name = sound.name().replaceAll("\\.[^.]*$", "") + ".ogg";
            return OpusSound.make(sound.place(), copy)
                    ? Optional.of(new MediaFile(name, Epub.OPUS, copy))
                    : Optional.empty();
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    @Override
    public void close() throws IOException {
        for (var copy : made) {
            Files.deleteIfExists(copy);
        }
    }
}
