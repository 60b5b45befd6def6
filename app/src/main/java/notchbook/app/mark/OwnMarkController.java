package notchbook.app.mark;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.mark.MarkShape;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OwnMarkController {
    private final OwnMarks marks;

    OwnMarkController(OwnMarks marks) {
        this.marks = marks;
    }

    record OwnMarkBody(String name, MarkShape shape) {}

    @GetMapping("/api/own-marks")
    List<OwnMark> ownMarks(@AuthenticationPrincipal Person reader) {
        return marks.of(reader);
    }

    @PutMapping("/api/own-marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody OwnMarkBody body) {
        marks.put(reader, new OwnMark(id, body.name(), body.shape()));
    }

    @DeleteMapping("/api/own-marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        marks.delete(reader, id);
    }
}
