package notchbook.app.talk;

import java.util.List;

/** The containers that a film leaves in, and how ffmpeg writes each. */
enum FilmFormat {
    WEBM(
            "video/webm",
            "webm",
            "webvtt",
            "-c:v libvpx -deadline realtime -cpu-used 6 -crf 20 -b:v 600k -c:a libopus -b:a 64k"),
    MP4("video/mp4", "mp4", "mov_text", "-c:v libx264 -preset veryfast -crf 24 -c:a aac -b:a 96k -movflags +faststart");

    /** Every player knows how to show these colours. */
    private static final String COLOURS = "yuv420p";

    final String type;
    final String extension;

    /** How spoken lines stand in it. */
    final String captions;

    private final String codecs;

    FilmFormat(String type, String extension, String captions, String codecs) {
        this.type = type;
        this.extension = extension;
        this.captions = captions;
        this.codecs = codecs;
    }

    List<String> arguments() {
        return List.of((codecs + " -pix_fmt " + COLOURS + " -f " + extension).split(" "));
    }
}
