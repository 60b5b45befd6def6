package notchbook.app.scan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.scan.ScanView.RecipeView;
import notchbook.core.notebook.Patterns;
import notchbook.core.scan.Recipe;
import notchbook.formats.scan.PhotoSetJson;
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

/** The scan bench over HTTP; what changes it answers with the bench as it is then. */
@RestController
class ScanController {
    private final Scans scans;
    private final Putting putting;
    private final ScanViews views;

    ScanController(Scans scans, Putting putting, ScanViews views) {
        this.scans = scans;
        this.putting = putting;
        this.views = views;
    }

    /** For which page and zone a bench is set up, or for which photo entry. */
    record OpenBody(UUID pageId, Optional<String> zone, Optional<UUID> entryId) {}

    record LayBody(UUID photoId, Optional<UUID> insteadOf) {}

    record NameBody(String name) {}

    record WordsBody(String name, String gist) {}

    record OrderBody(List<UUID> shots) {}

    record LeftOutBody(boolean leftOut) {}

    /** The id that a new entry gets. */
    record PutBody(UUID entryId) {}

    /** The entry that the set is in now. */
    record PutView(UUID entryId) {}

    /** A bench that waits for its page. */
    record WaitingView(UUID id, Optional<UUID> entryId, int shots) {}

    @GetMapping("/api/pages/{page}/scans")
    List<WaitingView> waiting(@AuthenticationPrincipal Person reader, @PathVariable UUID page) {
        return scans.onPage(reader, page).stream()
                .map(bench -> new WaitingView(
                        bench.id(), bench.entryId(), scans.shotsOn(bench).size()))
                .toList();
    }

    @PutMapping("/api/scans/{id}")
    ScanView open(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody OpenBody body) {
        var zone = body.zone().orElse(Patterns.FREE.home().key());
        scans.open(reader, id, body.pageId(), zone, body.entryId());
        return bench(reader, id);
    }

    @GetMapping("/api/scans/{id}")
    ScanView bench(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return views.of(reader, scans.require(reader, id));
    }

    @PutMapping("/api/scans/{id}/name")
    ScanView rename(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody NameBody body) {
        scans.rename(reader, id, body.name());
        return bench(reader, id);
    }

    @PutMapping("/api/scans/{id}/order")
    ScanView order(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody OrderBody body) {
        scans.order(reader, id, body.shots());
        return bench(reader, id);
    }

    @PutMapping("/api/scans/{id}/shots/{shot}")
    ScanView lay(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID shot,
            @RequestBody LayBody body) {
        scans.lay(reader, id, shot, body.photoId(), body.insteadOf());
        return bench(reader, id);
    }

    @DeleteMapping("/api/scans/{id}/shots/{shot}")
    ScanView remove(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID shot) {
        scans.remove(reader, id, shot);
        return bench(reader, id);
    }

    @PutMapping("/api/scans/{id}/shots/{shot}/recipe")
    ScanView make(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID shot,
            @RequestBody RecipeView body) {
        scans.make(reader, id, shot, new Recipe(PhotoSetJson.quad(body.corners()), body.quarters(), body.finish()));
        return bench(reader, id);
    }

    /** Has the corners and the direction of a page found by itself once more. */
    @PostMapping("/api/scans/{id}/shots/{shot}/find")
    ScanView find(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID shot) {
        scans.find(reader, id, shot);
        return bench(reader, id);
    }

    @PutMapping("/api/scans/{id}/shots/{shot}/left-out")
    ScanView leaveOut(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID shot,
            @RequestBody LeftOutBody body) {
        scans.leaveOut(reader, id, shot, body.leftOut());
        return bench(reader, id);
    }

    @PutMapping("/api/scans/{id}/shots/{shot}/words")
    ScanView name(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID shot,
            @RequestBody WordsBody body) {
        scans.name(reader, id, shot, body.name(), body.gist());
        return bench(reader, id);
    }

    /** Makes the entry and clears the bench. */
    @PostMapping("/api/scans/{id}/put")
    PutView put(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody PutBody body) {
        return new PutView(putting.put(reader, id, body.entryId()).id());
    }

    @DeleteMapping("/api/scans/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void clear(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        scans.clear(reader, id);
    }
}
