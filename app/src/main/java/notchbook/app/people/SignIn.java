package notchbook.app.people;

import java.util.Locale;
import notchbook.app.platform.Refusal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Checks a name and a password. */
@Service
class SignIn {
    private static final int LONGEST_NAME = 60;

    private final PersonStore store;
    private final SignInAttempts attempts;
    private final PasswordEncoder passwords;
    private final String hashOfNobody;

    SignIn(PersonStore store, SignInAttempts attempts, PasswordEncoder passwords) {
        this.store = store;
        this.attempts = attempts;
        this.passwords = passwords;
        this.hashOfNobody = passwords.encode("nobody");
    }

    /** The person whose name and password these are; refused alike for an unknown name and a wrong password. */
    Person check(String typedName, String password, String address) {
        var userName = typedName.strip().toLowerCase(Locale.ROOT);
        var name = userName.substring(0, Math.min(LONGEST_NAME, userName.length()));
        attempts.requireFew(name, address);
        var credentials = store.findCredentials(name);
        // An unknown name costs one hash too, so that its answer takes as long.
        var hash = credentials.map(PersonStore.Credentials::passwordHash).orElse(hashOfNobody);
        if (!passwords.matches(password, hash) || credentials.isEmpty()) {
            attempts.failed(name, address);
            throw Refusal.notSignedIn("This name and password do not fit. Check both and try again.");
        }
        return credentials.get().person();
    }
}
