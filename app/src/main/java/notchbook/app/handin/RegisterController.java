package notchbook.app.handin;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.handin.HandInViews.OverviewView;
import notchbook.app.handin.HandInViews.RegisterView;
import notchbook.app.handin.HandInViews.SetWorkLine;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.setwork.SetWorks;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RegisterController {
    private final Register register;
    private final WeeklyRegister weekly;
    private final SetWorks setWorks;
    private final Checking checking;

    RegisterController(Register register, WeeklyRegister weekly, SetWorks setWorks, Checking checking) {
        this.register = register;
        this.weekly = weekly;
        this.setWorks = setWorks;
        this.checking = checking;
    }

    /** The set work of the reader's classes, the latest due first. */
    @GetMapping("/api/set-work")
    List<SetWorkLine> setWork(@AuthenticationPrincipal Person reader) {
        reader.requireTeacher();
        return register.lines(reader);
    }

    /** Who has handed in and who has not. */
    @GetMapping("/api/set-work/{id}/register")
    RegisterView register(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return register.of(reader, setWorks.requireTaught(reader, id));
    }

    /** What was sent to a class's teachers unasked. */
    @GetMapping("/api/classes/{id}/unasked")
    RegisterView unasked(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return register.unasked(reader, id);
    }

    /** Who of a class has written the sheet of a week, of the latest one where none is said. */
    @GetMapping("/api/classes/{id}/sheets")
    WeeklyRegister.WeeklyRegisterView sheets(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam Optional<Integer> week) {
        return weekly.of(reader, id, week);
    }

    /** All students of the reader's classes against all of their set work. */
    @GetMapping("/api/register")
    OverviewView overview(@AuthenticationPrincipal Person reader) {
        reader.requireTeacher();
        return register.overview(reader);
    }

    /** The figures of set work as CSV. */
    @GetMapping("/api/set-work/{id}/numbers.csv")
    ResponseEntity<byte[]> numbers(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var work = setWorks.requireTaught(reader, id);
        return Download.csv(work.title(), register.numbers(reader, work));
    }

    record SeveralBody(List<UUID> handIns) {}

    /** Sends several versions back at once; all of them or none. */
    @PostMapping("/api/set-work/{id}/sent-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sendSeveralBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SeveralBody body) {
        checking.sendBack(reader, setWorks.requireTaught(reader, id), body.handIns());
    }
}
