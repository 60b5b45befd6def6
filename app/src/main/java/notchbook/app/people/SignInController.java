package notchbook.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SignInController {
    private final SignIn signIn;
    private final SignedIn sessions;
    private final People people;

    SignInController(SignIn signIn, SignedIn sessions, People people) {
        this.signIn = signIn;
        this.sessions = sessions;
        this.people = people;
    }

    record Credentials(String name, String password) {}

    record ClassView(UUID id, String name) {}

    record PersonView(UUID id, String fullName, Role role, List<ClassView> classes) {}

    /** Who is signed in, empty when nobody is; {@code isNew} while nobody has an account here yet. */
    record MeView(Optional<PersonView> person, boolean isNew) {}

    @GetMapping("/api/me")
    MeView me(@AuthenticationPrincipal @Nullable Person reader) {
        return new MeView(Optional.ofNullable(reader).map(this::view), reader == null && people.isEmpty());
    }

    @PostMapping("/api/sign-in")
    MeView signIn(@RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        var device = new DeviceCookie(request);
        var person = signIn.check(
                new SignIn.Try(credentials.name(), credentials.password(), request.getRemoteAddr(), device.secret()));
        sessions.begin(person, request, response);
        return new MeView(Optional.of(view(person)), false);
    }

    private PersonView view(Person person) {
        var classes = people.classesOf(person).stream()
                .map(found -> new ClassView(found.id(), found.name()))
                .toList();
        return new PersonView(person.id(), person.fullName(), person.role(), classes);
    }
}
