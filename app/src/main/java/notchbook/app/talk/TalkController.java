package notchbook.app.talk;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.Refusal;
import notchbook.formats.talk.TalkPage;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The ways in which a talk-through leaves. */
@RestController
class TalkController {
    private final Talks talks;
    private final Media media;

    TalkController(Talks talks, Media media) {
        this.talks = talks;
        this.media = media;
    }

    /** A recording and what was drawn while it ran; {@code at} is the page of a set, from 0. */
    record FilmWish(UUID recording, UUID subject, int at, FilmFormat format) {}

    /** How far a film is, from 0 to 1; its size in bytes once it is ready. */
    record FilmView(UUID id, MadeState state, double share, long bytes) {
        static FilmView of(TalkFilm film) {
            return new FilmView(film.id(), film.state(), film.share(), film.bytes());
        }
    }

    @PostMapping("/api/talk-films")
    FilmView begin(@AuthenticationPrincipal Person reader, @RequestBody @Valid FilmWish wish) {
        return FilmView.of(talks.film(reader, wish.recording(), wish.subject(), wish.at(), wish.format()));
    }

    @GetMapping("/api/talk-films/{id}")
    FilmView look(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return FilmView.of(talks.requireFilm(reader, id));
    }

    @GetMapping("/api/talk-films/{id}/file")
    ResponseEntity<Resource> film(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var film = talks.requireFilm(reader, id);
        var content = film.sha256().orElseThrow(() -> Refusal.notFound("film"));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(film.format().type))
                .header(HttpHeaders.CONTENT_DISPOSITION, Download.named("talk-through", film.format().extension))
                .body(new FileSystemResource(media.place(content)));
    }

    /** Streamed: a long voice is never in memory as a whole. */
    @Hidden
    @GetMapping("/api/talks/{recording}/{subject}/{at}/page.html")
    void page(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID recording,
            @PathVariable UUID subject,
            @PathVariable int at,
            HttpServletResponse response)
            throws IOException {
        var talked = talks.require(reader, recording, subject, at);
        var title = talked.title().isBlank() ? "Talk-through" : talked.title();
        response.setContentType("text/html;charset=UTF-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Download.named(title, "html"));
        var sheet = new TalkPage.Sheet(
                title,
                reader.fullName(),
                talked.talk(),
                talked.picture().map(media::screenContent),
                talked.take().lines(),
                Optional.of(talked.heard()),
                talked.sound().sound().orElseThrow().seconds());
        try (var sound = media.listening(talked.sound())) {
            TalkPage.write(
                    sheet, new TalkPage.Voice(media.listeningType(talked.sound()), sound), response.getOutputStream());
        }
    }
}
