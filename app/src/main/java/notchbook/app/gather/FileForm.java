package notchbook.app.gather;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import notchbook.formats.gather.Bookmarks;
import notchbook.formats.source.ReferenceFile;

/** What a file holds that is taken in thing by thing. */
enum FileForm {
    BOOKMARKS,
    REFERENCES,
    TABLE;

    /** Enough to tell by how a file begins. */
    private static final int BEGINNING = 20_000;

    /** Told by its content; that it is a table, by its name. */
    static Optional<FileForm> of(String name, Path file) throws IOException {
        var begin = beginning(file);
        if (Bookmarks.isOne(new String(begin, StandardCharsets.UTF_8))) {
            return Optional.of(BOOKMARKS);
        }
        if (ReferenceFile.isOne(begin)) {
            return Optional.of(REFERENCES);
        }
        var small = name.toLowerCase(Locale.ROOT);
        return small.endsWith(".csv") || small.endsWith(".tsv") ? Optional.of(TABLE) : Optional.empty();
    }

    private static byte[] beginning(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(BEGINNING);
        }
    }
}
