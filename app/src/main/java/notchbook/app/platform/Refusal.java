package notchbook.app.platform;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that can't be met. The message says, in words for a student, what is the matter and what to do. */
public final class Refusal extends RuntimeException {
    private final HttpStatus status;
    private final transient Map<String, Object> properties;

    private Refusal(HttpStatus status, String message, Map<String, Object> properties) {
        super(message);
        this.status = status;
        this.properties = properties;
    }

    /** Not there, or not for this reader: the two look the same from outside. */
    public static Refusal notFound(String what) {
        return new Refusal(HttpStatus.NOT_FOUND, "This " + what + " is not here, or not yours to open.", Map.of());
    }

    /** Made from a version that is no longer the newest; {@code now} is what is there. */
    public static Refusal stale(String message, Object now) {
        return new Refusal(HttpStatus.CONFLICT, message, Map.of("now", now));
    }

    /** Not possible in the state that things are in. */
    public static Refusal notNow(String message) {
        return new Refusal(HttpStatus.CONFLICT, message, Map.of());
    }

    /** Something that was open for a time and is no more. */
    public static Refusal over(String message) {
        return new Refusal(HttpStatus.GONE, message, Map.of());
    }

    public static Refusal unfit(String message) {
        return unfit(message, Map.of());
    }

    /** What was sent can't be taken; {@code properties} go along for the screen, such as the lines of a file. */
    public static Refusal unfit(String message, Map<String, Object> properties) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, message, properties);
    }

    /** A file or table with things to mend; {@code breaches} say where each is and what to do. */
    public static Refusal toMend(String what, List<?> breaches) {
        var count = breaches.size() == 1 ? "One thing has" : breaches.size() + " things have";
        return unfit(count + " to be mended in this " + what + ".", Map.of("lines", breaches));
    }

    public static Refusal tooOften(String message) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, message, Map.of());
    }

    public static Refusal notSignedIn(String message) {
        return new Refusal(HttpStatus.UNAUTHORIZED, message, Map.of());
    }

    public HttpStatus status() {
        return status;
    }

    Map<String, Object> properties() {
        return properties;
    }
}
