package notchbook.app.media;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The containers of films that are taken in, told apart by content. */
enum FilmFormat {
    WEBM("video/webm", "webm", List.of("-f", "webm")),
    /** What phones film. The index goes to the front, so that it plays as it arrives. */
    MP4("video/mp4", "mp4", List.of("-f", "mp4", "-movflags", "+faststart"));

    final String type;
    final String extension;

    /** How ffmpeg writes it. */
    final List<String> muxer;

    FilmFormat(String type, String extension, List<String> muxer) {
        this.type = type;
        this.extension = extension;
        this.muxer = muxer;
    }

    static Optional<FilmFormat> of(Path file) throws IOException {
        try (var in = Files.newInputStream(file)) {
            var head = new String(in.readNBytes(8), StandardCharsets.ISO_8859_1);
            if (head.startsWith("\u001A\u0045\u00DF\u00A3")) {
                return Optional.of(WEBM);
            }
            return head.startsWith("ftyp", 4) ? Optional.of(MP4) : Optional.empty();
        }
    }
}
