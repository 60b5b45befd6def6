package notchbook.formats.csv;

import static java.nio.charset.StandardCharsets.UTF_16BE;
import static java.nio.charset.StandardCharsets.UTF_16LE;
import static java.nio.charset.StandardCharsets.UTF_8;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.util.Optional;

/**
 * The text of a file that does not say how its letters are written: by its byte order mark, else as UTF-8 if it is that
 * throughout, else as the Latin letters of older spreadsheet programs (windows-1252, which takes in Latin-1).
 */
final class Letters {
    private static final Charset LATIN = Charset.forName("windows-1252");
    private static final String MARK = "\uFEFF";

    private Letters() {}

    static String of(byte[] file) {
        var text = withMark(file).or(() -> strict(file, UTF_8)).orElseGet(() -> new String(file, LATIN));
        var bare = text.startsWith(MARK) ? text.substring(1) : text;
        if (bare.chars().anyMatch(Letters::isNoText)) {
            throw new IllegalArgumentException(
                    "This is not a text file. Save the table as \"CSV UTF-8\" in your spreadsheet and try again.");
        }
        return bare;
    }

    private static Optional<String> withMark(byte[] file) {
        var first = file.length < 2 ? 0 : (file[0] & 0xff) << 8 | file[1] & 0xff;
        return switch (first) {
            case 0xfffe -> strict(file, UTF_16LE);
            case 0xfeff -> strict(file, UTF_16BE);
            default -> Optional.empty();
        };
    }

    private static Optional<String> strict(byte[] file, Charset charset) {
        try {
            return Optional.of(
                    charset.newDecoder().decode(ByteBuffer.wrap(file)).toString());
        } catch (CharacterCodingException otherLetters) {
            return Optional.empty();
        }
    }

    private static boolean isNoText(int sign) {
        return sign < ' ' && sign != '\n' && sign != '\r' && sign != '\t' || sign == 0x7f;
    }
}
