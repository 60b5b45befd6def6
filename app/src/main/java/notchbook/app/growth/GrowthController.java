package notchbook.app.growth;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.growth.GrowthViews.GrowthLine;
import notchbook.app.growth.GrowthViews.GrowthView;
import notchbook.app.growth.GrowthViews.GrowthWeeksView;
import notchbook.app.growth.GrowthViews.ThenAndNowLine;
import notchbook.app.people.Person;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class GrowthController {
    /** As many as a screen draws at once. */
    private static final int MOST_LINES = 100;

    private final GrowthDesk desk;
    private final Growths growths;
    private final ThenAndNows kept;

    GrowthController(GrowthDesk desk, Growths growths, ThenAndNows kept) {
        this.desk = desk;
        this.growths = growths;
        this.kept = kept;
    }

    record ThenAndNowBody(UUID earlier, UUID later, int baseVersion, String words) {}

    record ThenAndNowKept(int version) {}

    /** Two pieces of a choice beside each other, by their places in the order of time; the first and the latest without any. */
    @GetMapping("/api/growth")
    GrowthView growth(
            @AuthenticationPrincipal Person reader,
            @ParameterObject Choice choice,
            @RequestParam Optional<Integer> earlier,
            @RequestParam Optional<Integer> later) {
        return desk.view(reader, choice, earlier, later);
    }

    /** Pieces of a choice in order of time, from a place on. */
    @GetMapping("/api/growth/pieces")
    List<GrowthLine> pieces(
            @AuthenticationPrincipal Person reader,
            @ParameterObject Choice choice,
            @RequestParam(defaultValue = "0") int from) {
        return desk.lines(reader, choice, Math.max(0, from), MOST_LINES);
    }

    /** How a notebook, or one topic of it, stood at the end of each week. */
    @GetMapping("/api/notebooks/{id}/growth-weeks")
    GrowthWeeksView weeks(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam Optional<UUID> node) {
        return new GrowthWeeksView(growths.weeks(reader, id, node));
    }

    @GetMapping("/api/then-and-nows")
    List<ThenAndNowLine> kept(@AuthenticationPrincipal Person reader) {
        return desk.kept(reader);
    }

    @PutMapping("/api/then-and-nows/{id}")
    ThenAndNowKept keep(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ThenAndNowBody body) {
        return new ThenAndNowKept(kept.keep(
                reader, new ThenAndNows.Change(id, body.earlier(), body.later(), body.baseVersion(), body.words())));
    }

    @DeleteMapping("/api/then-and-nows/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        kept.delete(reader, id);
    }

    @PostMapping("/api/then-and-nows/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        kept.restore(reader, id);
    }
}
