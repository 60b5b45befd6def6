package notchbook.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SignInController {
    private final SignIn signIn;
    private final KnownDevices devices;
    private final People people;
    private final SecurityContextRepository contexts;

    SignInController(SignIn signIn, KnownDevices devices, People people, SecurityContextRepository contexts) {
        this.signIn = signIn;
        this.devices = devices;
        this.people = people;
        this.contexts = contexts;
    }

    record Credentials(String name, String password) {}

    record ClassView(UUID id, String name) {}

    record PersonView(UUID id, String fullName, Role role, List<ClassView> classes) {}

    /** Who is signed in; empty when nobody is. */
    record MeView(Optional<PersonView> person) {}

    @GetMapping("/api/me")
    MeView me(@AuthenticationPrincipal @Nullable Person reader) {
        return new MeView(Optional.ofNullable(reader).map(this::view));
    }

    @PostMapping("/api/sign-in")
    MeView signIn(@RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        var device = new DeviceCookie(request);
        var person = signIn.check(
                new SignIn.Try(credentials.name(), credentials.password(), request.getRemoteAddr(), device.secret()));
        devices.keep(person.id(), device.keptBy(response));
        request.getSession();
        request.changeSessionId();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                person, null, List.of(new SimpleGrantedAuthority("ROLE_" + person.role()))));
        contexts.saveContext(context, request, response);
        return new MeView(Optional.of(view(person)));
    }

    private PersonView view(Person person) {
        var classes = people.classesOf(person).stream()
                .map(found -> new ClassView(found.id(), found.name()))
                .toList();
        return new PersonView(person.id(), person.fullName(), person.role(), classes);
    }
}
