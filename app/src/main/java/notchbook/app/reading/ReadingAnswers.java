package notchbook.app.reading;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import notchbook.app.reading.ReaderLinkStore.Shown;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A reading page and its files as answers: kept by no search engine, calling nobody, running nothing but our own script. */
final class ReadingAnswers {
    private static final MediaType HTML = new MediaType("text", "html", StandardCharsets.UTF_8);

    /** A link's page shows its own files; its script is ours. */
    private static final String POLICY =
            "default-src 'none'; style-src 'self'; style-src-attr 'unsafe-inline'; script-src 'self'; img-src 'self';"
                    + " media-src 'self'; font-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private ReadingAnswers() {}

    static ResponseEntity<String> page(HttpStatusCode status, String page) {
        return ResponseEntity.status(status)
                .contentType(HTML)
                .cacheControl(CacheControl.noStore())
                .header("X-Robots-Tag", "noindex, nofollow, noarchive")
                .header("Content-Security-Policy", POLICY)
                .header("Referrer-Policy", "no-referrer")
                .body(page);
    }

    /** A picture or a sound to be shown and played (in ranges too), any other file to be saved. */
    static ResponseEntity<Resource> content(Shown content, Path place) {
        var isShown = content.type().matches("(image/(jpeg|png)|audio/.+|video/.+)");
        var disposition = isShown ? ContentDisposition.inline() : ContentDisposition.attachment();
        return ResponseEntity.ok()
                .contentType(isShown ? MediaType.parseMediaType(content.type()) : MediaType.APPLICATION_OCTET_STREAM)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        disposition
                                .filename(content.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header("Content-Security-Policy", "sandbox; default-src 'none'")
                .body(new FileSystemResource(place));
    }
}
