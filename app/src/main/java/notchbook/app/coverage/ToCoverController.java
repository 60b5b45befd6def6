package notchbook.app.coverage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ToCoverController {
    private final ToCovers toCovers;

    ToCoverController(ToCovers toCovers) {
        this.toCovers = toCovers;
    }

    record ToCoverView(
            UUID point,
            String code,
            String statement,
            boolean isTicked,
            boolean isCovered,
            Optional<String> disagreement) {}

    @GetMapping("/api/sections/{id}/to-cover")
    List<ToCoverView> toCover(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return toCovers.in(reader, id).stream()
                .map(one -> new ToCoverView(
                        one.point(), one.code(), one.statement(), one.isTicked(), one.isCovered(), one.disagreement()))
                .toList();
    }

    @PutMapping("/api/notebooks/{id}/ticks/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        toCovers.tick(reader, id, point);
    }

    @DeleteMapping("/api/notebooks/{id}/ticks/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void untick(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        toCovers.untick(reader, id, point);
    }
}
