package notchbook.app.collection;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.UUID;
import notchbook.app.link.PlacesForBrowsers;
import notchbook.app.people.Person;
import notchbook.core.link.ClipSpan;
import notchbook.formats.link.ClipPage;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The small page that plays a clip from elsewhere within a screen of ours; its own policy lets the clip's site in and nothing else. */
@RestController
class ClipController {
    private final ThingClips clips;
    private final PlacesForBrowsers places;

    ClipController(ThingClips clips, PlacesForBrowsers places) {
        this.clips = clips;
        this.places = places;
    }

    /** {@code from} and {@code to} are the part that plays, as it is typed: what was just said of the thing may still be on its way. */
    @Hidden
    @GetMapping("/api/things/{id}/clip")
    ResponseEntity<String> clip(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to) {
        var found = clips.require(reader, id);
        var page = new ClipPage(
                found.title(),
                places.of(found.clip().within(ClipSpan.parse(from, to))),
                found.clip().form());
        return ResponseEntity.ok()
                .contentType(MediaType.TEXT_HTML)
                .cacheControl(CacheControl.noStore())
                .header("Content-Security-Policy", page.policy())
                .body(page.html());
    }
}
