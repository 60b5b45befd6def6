package notchbook.app.people;

import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NewPasswordController {
    private final NewPasswords passwords;

    NewPasswordController(NewPasswords passwords) {
        this.passwords = passwords;
    }

    /** Gives a student of one's class a new password; the answer is the only place where it is said. */
    @PostMapping("/api/classes/{id}/students/{student}/password")
    NewPasswords.NewPassword give(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID student) {
        return passwords.give(reader, id, student);
    }
}
