package notchbook.app.media;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The sound formats that are taken in, told apart by content. */
enum SoundFormat {
    WAV("audio/wav", "wav"),
    OGG("audio/ogg", "ogg"),
    WEBM("audio/webm", "webm"),
    MP3("audio/mpeg", "mp3"),
    /** What phones record: M4A, or MP4 with sound alone. The index goes to the front, so that it plays as it arrives. */
    MP4("audio/mp4", "m4a", "mp4", "-movflags", "+faststart");

    private static final int HEAD_BYTES = 16;

    /** Ogg pages are at most 65,307 bytes long, so the last one begins within this many of the end. */
    private static final int OGG_TAIL_BYTES = 65_307;

    private static final int OGG_FLAGS_OFFSET = 5;
    private static final int OGG_END_OF_STREAM = 4;

    final String type;
    final String extension;

    /** How ffmpeg writes it. */
    final List<String> muxer;

    SoundFormat(String type, String extension) {
        this(type, extension, extension);
    }

    SoundFormat(String type, String extension, String muxer, String... options) {
        this.type = type;
        this.extension = extension;
        this.muxer = Stream.concat(Stream.of("-f", muxer), Stream.of(options)).toList();
    }

    /** The format of a file that holds sound and no moving pictures; empty for any other. */
    static Optional<SoundFormat> of(Path file) throws IOException {
        var format = byHead(file);
        if (format.filter(SoundFormat::mayHoldVideo).isEmpty()) {
            return format;
        }
        var tracks = Tracks.of(file);
        return format.filter(any -> !tracks.hasVideo() && (tracks.hasSound() || any != MP4));
    }

    private boolean mayHoldVideo() {
        return this == OGG || this == WEBM || this == MP4;
    }

    private static Optional<SoundFormat> byHead(Path file) throws IOException {
        try (var in = new RandomAccessFile(file.toFile(), "r")) {
            var head = read(in, 0, HEAD_BYTES);
            if (head.startsWith("RIFF") && head.startsWith("WAVE", 8)) {
                return Optional.of(WAV);
            }
            if (head.startsWith("OggS")) {
                return Optional.of(OGG);
            }
            if (head.startsWith("\u001A\u0045\u00DF\u00A3")) {
                return Optional.of(WEBM);
            }
            if (head.startsWith("ftyp", 4)) {
                return Optional.of(MP4);
            }
            var isFrame = head.length() > 1 && head.charAt(0) == 0xFF && (head.charAt(1) & 0xE6) == 0xE2;
            return head.startsWith("ID3") || isFrame ? Optional.of(MP3) : Optional.empty();
        }
    }

    /** Whether a file of this format ends before its own header says that it should. */
    boolean isCutShort(Path file) throws IOException {
        try (var in = new RandomAccessFile(file.toFile(), "r")) {
            return switch (this) {
                case WAV -> wavLength(in) > in.length();
                case OGG -> !endsWithLastPage(in);
                case WEBM, MP3, MP4 -> false;
            };
        }
    }

    private static long wavLength(RandomAccessFile in) throws IOException {
        in.seek(4);
        return Integer.toUnsignedLong(Integer.reverseBytes(in.readInt())) + 8;
    }

    private static boolean endsWithLastPage(RandomAccessFile in) throws IOException {
        var start = Math.max(0, in.length() - OGG_TAIL_BYTES);
        var tail = read(in, start, (int) (in.length() - start));
        var page = tail.lastIndexOf("OggS");
        return page >= 0
                && page + OGG_FLAGS_OFFSET < tail.length()
                && (tail.charAt(page + OGG_FLAGS_OFFSET) & OGG_END_OF_STREAM) != 0
                && isWhole(tail, page);
    }

    /** Whether all segments that an Ogg page lists are there. */
    private static boolean isWhole(String tail, int page) {
        var segments = page + 26 < tail.length() ? tail.charAt(page + 26) : Integer.MAX_VALUE / 2;
        var body = page + 27 + segments;
        if (body > tail.length()) {
            return false;
        }
        var bytes = tail.substring(page + 27, body).chars().sum();
        return body + bytes <= tail.length();
    }

    private static String read(RandomAccessFile in, long from, int most) throws IOException {
        in.seek(from);
        var bytes = new byte[(int) Math.min(most, in.length() - from)];
        in.readFully(bytes);
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }
}
