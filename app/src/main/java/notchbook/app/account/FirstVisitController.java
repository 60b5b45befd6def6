package notchbook.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import notchbook.app.people.NewPerson;
import notchbook.app.people.OwnPasswords;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SignedIn;
import notchbook.app.platform.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FirstVisitController {
    private final FirstVisits visits;
    private final SignedIn sessions;
    private final OwnPasswords passwords;
    private final People people;

    FirstVisitController(FirstVisits visits, SignedIn sessions, OwnPasswords passwords, People people) {
        this.people = people;
        this.visits = visits;
        this.sessions = sessions;
        this.passwords = passwords;
    }

    /** Whoever begins: a student or teacher who keeps a notebook alone, or the first keeper of a school. */
    record FirstVisitBody(String code, String fullName, String userName, String password, Role role) {}

    record PasswordBody(String password, String fullName, String userName) {}

    /** Makes the first account of an empty Notchbook and signs it in. */
    @PostMapping("/api/first-visit")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(@RequestBody FirstVisitBody body, HttpServletRequest request, HttpServletResponse response) {
        var first = new NewPerson(body.userName(), body.fullName(), body.role(), body.password());
        sessions.begin(visits.begin(body.code(), first), request, response);
    }

    /** How hard a password is to guess, while it is being typed; nothing of it is kept. */
    @PostMapping("/api/password-strength")
    OwnPasswords.Judgement judge(@AuthenticationPrincipal @Nullable Person reader, @RequestBody PasswordBody body) {
        if (reader == null && !people.isEmpty()) {
            throw Refusal.notFound("place");
        }
        return passwords.judge(body.password(), body.fullName(), body.userName());
    }
}
