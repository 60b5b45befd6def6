package notchbook.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import notchbook.app.people.OwnPasswords;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SignedIn;
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
class AccountController {
    private final SignedIn sessions;
    private final OwnPasswords passwords;

    AccountController(SignedIn sessions, OwnPasswords passwords) {
        this.sessions = sessions;
        this.passwords = passwords;
    }

    record AccountView(String userName, String fullName, Role role, List<SignedIn.Device> devices) {}

    record NewPasswordBody(String old, String password) {}

    @GetMapping("/api/account")
    AccountView account(@AuthenticationPrincipal Person reader, HttpSession session) {
        return new AccountView(
                reader.userName(), reader.fullName(), reader.role(), sessions.devicesOf(reader, session.getId()));
    }

    /** Changes one's own password, and signs out every other device. */
    @PutMapping("/api/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal Person reader,
            @RequestBody NewPasswordBody body,
            HttpServletRequest request,
            HttpSession session) {
        passwords.change(reader, body.old(), body.password(), request.getRemoteAddr());
        sessions.endOthers(reader, session.getId());
    }

    @DeleteMapping("/api/account/devices/{device}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(@AuthenticationPrincipal Person reader, @PathVariable String device) {
        sessions.end(reader, device);
    }

    /** Signs out of every device, this one too. */
    @DeleteMapping("/api/account/devices")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutOfAll(@AuthenticationPrincipal Person reader) {
        sessions.endAll(reader);
    }
}
