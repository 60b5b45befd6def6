package notchbook.core.seal;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The SHA-256 digest of bytes or of words in UTF-8, in hexadecimal. */
public final class Sha256 {
    private Sha256() {}

    public static String hex(byte[] content) {
        var digest = begun();
        digest.update(content);
        return hexOf(digest);
    }

    public static String hex(String words) {
        return hex(words.getBytes(UTF_8));
    }

    /** A digest of what is read or written bit by bit; {@link #hexOf} ends it. */
    public static MessageDigest begun() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Every Java platform has SHA-256.", missing);
        }
    }

    public static String hexOf(MessageDigest begun) {
        return HexFormat.of().formatHex(begun.digest());
    }
}
