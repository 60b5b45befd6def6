package notchbook.app.entry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class EntryController {
    private final Entries entries;
    private final EntryViews views;

    EntryController(Entries entries, EntryViews views) {
        this.entries = entries;
        this.views = views;
    }

    record OrderBody(List<UUID> entries) {}

    record ChangeBody(
            int baseVersion,
            UUID pageId,
            Optional<String> zone,
            Optional<UUID> beside,
            EntryKind kind,
            @Schema(implementation = Object.class) JsonNode content,
            Optional<UUID> mediaId,
            String caption,
            EntryWidth width,
            Optional<UUID> copiedFrom,
            Optional<Instant> madeAt,
            Optional<String> writer,
            Optional<BaseBody> base) {
        private static final int LONGEST_WRITER = 60;

        ChangeBody {
            if (writer.filter(name -> name.length() > LONGEST_WRITER).isPresent()) {
                throw new IllegalArgumentException("The name of a writing device has up to 60 characters.");
            }
        }

        EntryPlace place() {
            var home = EntryPlace.on(pageId, width);
            return new EntryPlace(pageId, zone.orElse(home.zone()), beside, width);
        }
    }

    /** What an entry was when its device began to change it; sent along when the change met another one. */
    record BaseBody(
            UUID pageId,
            String zone,
            Optional<UUID> beside,
            @Schema(implementation = Object.class) JsonNode content,
            String caption,
            EntryWidth width) {
        Entries.Base base() {
            return new Entries.Base(content, caption, new EntryPlace(pageId, zone, beside, width));
        }
    }

    @PostMapping("/api/pages/{id}/order")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void order(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody OrderBody body) {
        entries.order(reader, id, body.entries());
    }

    @PutMapping("/api/entries/{id}")
    EntryView keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ChangeBody body) {
        var kept = entries.keep(
                reader,
                new Entries.Change(
                        id,
                        body.baseVersion(),
                        body.place(),
                        body.kind(),
                        body.content(),
                        body.mediaId(),
                        body.caption(),
                        body.copiedFrom(),
                        body.madeAt(),
                        body.writer().orElse(""),
                        body.base().map(BaseBody::base)));
        return views.of(reader.id(), List.of(kept)).getFirst();
    }

    @GetMapping("/api/entries/{id}")
    EntryView entry(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return views.of(reader.id(), List.of(entries.require(reader, id))).getFirst();
    }

    /** What the entry was before, the newest first; bringing one back is keeping it as a new change. */
    @GetMapping("/api/entries/{id}/earlier")
    List<EarlierView> earlier(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return entries.earlier(reader, id).stream().map(views::of).toList();
    }

    @DeleteMapping("/api/entries/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteEntry(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        entries.delete(reader, id);
    }

    @PutMapping("/api/entries/{id}/notches/{node}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cut(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID node) {
        entries.cut(reader, id, node);
    }

    @DeleteMapping("/api/entries/{id}/notches/{node}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mend(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID node) {
        entries.mend(reader, id, node);
    }
}
