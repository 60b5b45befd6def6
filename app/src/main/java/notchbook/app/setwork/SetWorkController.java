package notchbook.app.setwork;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/set-work")
class SetWorkController {
    private final SetWorks works;
    private final SetWorkMapper mapper;
    private final SchoolClock clock;

    SetWorkController(SetWorks works, SetWorkMapper mapper, SchoolClock clock) {
        this.clock = clock;
        this.works = works;
        this.mapper = mapper;
    }

    /** Asks a class for something, or changes what it was asked for. */
    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void set(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SetWorkBody body) {
        works.set(reader, body.work(id, reader.id(), clock.now()), body.word().orElse(""));
    }

    /** Set work that the reader's classes are no longer asked for, the latest due first. */
    @GetMapping("/taken-back")
    List<SetWorkView> takenBack(@AuthenticationPrincipal Person reader) {
        return works.takenBack(reader).stream()
                .map(work -> mapper.view(reader, work))
                .toList();
    }

    /** What those are told who have begun; nothing where it is blank. */
    record WordBody(String word) {}

    /** Asks for it no longer; what was handed in for it stays. */
    @PutMapping("/taken-back/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody WordBody body) {
        works.takeBack(reader, id, body.word());
    }

    /** Asks again for what was taken back. */
    @DeleteMapping("/taken-back/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void askAgain(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        works.askAgain(reader, id);
    }
}
