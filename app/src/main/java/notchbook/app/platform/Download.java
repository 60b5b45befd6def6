package notchbook.app.platform;

import static java.nio.charset.StandardCharsets.UTF_8;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Answers with a file that the browser saves and does not open. */
public final class Download {
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private Download() {}

    /** A table as CSV. */
    public static ResponseEntity<byte[]> csv(String title, byte[] content) {
        return of(title, "csv", CSV, content);
    }

    /** {@code title} becomes its name, without the signs that some file systems don't allow. */
    public static ResponseEntity<byte[]> of(String title, String ending, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, named(title, ending))
                .body(content);
    }

    /** The header of a file that is saved under a name like {@code title}. */
    public static String named(String title, String ending) {
        var name = title.replaceAll("[^\\p{L}\\p{N} ._-]+", "-") + "." + ending;
        return ContentDisposition.attachment().filename(name, UTF_8).build().toString();
    }
}
