package notchbook.app.media;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The containers of films that are taken in, told apart by content. */
enum FilmFormat {
    WEBM("video/webm", List.of("-f", "webm")),
    /** What phones film. The index goes to the front, so that it plays as it arrives. */
    MP4("video/mp4", List.of("-f", "mp4", "-movflags", "+faststart"));

    /** Still pictures in the same container, by their brands. */
    private static final Set<String> PICTURES = Set.of("avif", "avis", "heic", "heix", "mif1", "msf1", "crx ");

    final String type;

    /** How ffmpeg writes it. */
    final List<String> muxer;

    FilmFormat(String type, List<String> muxer) {
        this.type = type;
        this.muxer = muxer;
    }

    static Optional<FilmFormat> of(Path file) throws IOException {
        try (var in = Files.newInputStream(file)) {
            var head = new String(in.readNBytes(12), StandardCharsets.ISO_8859_1);
            if (head.startsWith("\u001A\u0045\u00DF\u00A3")) {
                return Optional.of(WEBM);
            }
            return head.startsWith("ftyp", 4) && !PICTURES.contains(head.substring(8))
                    ? Optional.of(MP4)
                    : Optional.empty();
        }
    }
}
