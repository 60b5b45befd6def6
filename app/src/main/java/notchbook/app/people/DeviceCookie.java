package notchbook.app.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/** The secret by which a device is known again; it signs nobody in. */
final class DeviceCookie {
    private static final String NAME = "notchbook-device";
    private static final int SECRET_BYTES = 16;
    private static final Duration KEPT = Duration.ofDays(365);
    private static final SecureRandom RANDOM = new SecureRandom();

    private final HttpServletRequest request;

    DeviceCookie(HttpServletRequest request) {
        this.request = request;
    }

    Optional<String> secret() {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Stream::of)
                .filter(cookie -> cookie.getName().equals(NAME))
                .map(Cookie::getValue)
                .findFirst();
    }

    /** Keeps the device's secret for another year, a new one where it has none, and gives it. */
    String keptBy(HttpServletResponse response) {
        var secret = secret().orElseGet(DeviceCookie::newSecret);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(NAME, secret)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .path("/api/sign-in")
                        .maxAge(KEPT)
                        .build()
                        .toString());
        return secret;
    }

    private static String newSecret() {
        var bytes = new byte[SECRET_BYTES];
        RANDOM.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }
}
