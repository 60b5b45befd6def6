package notchbook.app.gather;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.gather.Gatherings.FileFound;
import notchbook.app.people.Person;
import notchbook.app.platform.MadeState;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Files that come into collections, and those that leave them. */
@RestController
class GatheringController {
    private final Gatherings gatherings;
    private final FilesOut files;

    GatheringController(Gatherings gatherings, FilesOut files) {
        this.gatherings = gatherings;
        this.files = files;
    }

    /** {@code columns} are of a table alone. */
    record GatheringBody(UUID mediaId, Optional<List<ColumnBody>> columns) {}

    record GatheringView(MadeState state, double share, int added, int merged, int leftOut, String words) {}

    @GetMapping("/api/collections/{id}/found-file")
    FileFound look(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam UUID media) {
        return gatherings.look(reader, id, media);
    }

    @PutMapping("/api/collections/{id}/gatherings/{gathering}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void want(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID gathering,
            @RequestBody GatheringBody body) {
        gatherings.want(
                reader,
                Gathering.wanted(
                        gathering,
                        id,
                        reader.id(),
                        body.mediaId(),
                        body.columns().orElse(List.of())));
    }

    @GetMapping("/api/collections/{id}/gatherings/{gathering}")
    GatheringView gathering(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID gathering) {
        var now = gatherings.require(reader, id, gathering);
        return new GatheringView(now.state(), now.share(), now.added(), now.merged(), now.leftOut(), now.words());
    }

    @PostMapping("/api/collections/{id}/gatherings/{gathering}/taken-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID gathering) {
        gatherings.takeBack(reader, id, gathering);
    }

    @GetMapping("/api/collections/{id}/files/{form}")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable FilesOut.Form form) {
        return files.of(reader, id, form);
    }
}
