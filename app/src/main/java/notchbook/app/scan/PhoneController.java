package notchbook.app.scan;

import java.io.IOException;
import java.util.UUID;
import notchbook.app.media.Incoming;
import notchbook.app.people.Person;
import notchbook.app.platform.SentFile;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A phone as the camera of a bench. What begins with /api/phone is asked by a phone on which nobody is signed in. */
@RestController
class PhoneController {
    private static final String KEY = "Phone-Key";

    private final PhoneLinks links;

    PhoneController(PhoneLinks links) {
        this.links = links;
    }

    @PostMapping("/api/scans/{id}/phone-link")
    PhoneLinks.NewLink make(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return links.make(reader, id);
    }

    @GetMapping("/api/phone/{secret}")
    PhoneLinks.Bench look(@PathVariable String secret, @RequestHeader(KEY) String key) {
        return links.look(secret, key);
    }

    @PutMapping(path = "/api/phone/{secret}/photos/{photo}", consumes = "multipart/form-data")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void send(
            @PathVariable String secret,
            @PathVariable UUID photo,
            @RequestHeader(KEY) String key,
            @RequestPart MultipartFile file)
            throws IOException {
        try (var sent = SentFile.of(file)) {
            links.send(secret, key, Incoming.whole(photo, sent.name(), sent.path()));
        }
    }
}
