package notchbook.app.platform;

import java.security.SecureRandom;
import java.util.Base64;

/** What opens something to whoever knows it. The database keeps its digest alone. */
public final class Secret {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {}

    /** A new one of so many bytes, in letters that an address takes; from 16 on nobody guesses it. */
    public static String ofBytes(int count) {
        var bytes = new byte[count];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
