package notchbook.app.media;

import java.util.Map;
import notchbook.core.notebook.FileName;

/** Where a content lies within what leaves: under its id, with the ending that says what it is. */
public final class MediaPath {
    private static final Map<String, String> ENDINGS = Map.of(
            "image/jpeg",
            "jpg",
            "image/png",
            "png",
            "audio/wav",
            "wav",
            "audio/ogg",
            "ogg",
            "audio/webm",
            "webm",
            "audio/mpeg",
            "mp3",
            "audio/mp4",
            "m4a",
            "video/webm",
            "webm",
            "video/mp4",
            "mp4");

    private MediaPath() {}

    public static String of(MediaItem item) {
        return "media/" + item.id() + "." + ending(item);
    }

    /** The id of the content that lies at such a path. */
    public static String idIn(String path) {
        return path.replaceAll("^media/|\\.[a-z0-9]+$", "");
    }

    private static String ending(MediaItem item) {
        var own = FileName.parse(item.name()).ending();
        return item.kind() == MediaKind.FILE && own.matches("[a-z0-9]{1,8}")
                ? own
                : ENDINGS.getOrDefault(item.type(), "bin");
    }
}
