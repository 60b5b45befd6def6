package notchbook.app.people;

import java.util.Locale;
import java.util.Optional;
import notchbook.app.people.PersonStore.Credentials;
import notchbook.app.platform.Refusal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Checks a name and a password. */
@Service
class SignIn {
    private static final int LONGEST_NAME = 60;

    private final PersonStore store;
    private final SignInAttempts attempts;
    private final KnownDevices devices;
    private final PasswordEncoder passwords;
    private final String hashOfNobody;

    SignIn(PersonStore store, SignInAttempts attempts, KnownDevices devices, PasswordEncoder passwords) {
        this.store = store;
        this.attempts = attempts;
        this.devices = devices;
        this.passwords = passwords;
        this.hashOfNobody = passwords.encode("nobody");
    }

    /** What somebody types, at which address and on a device with which secret. */
    record Try(String name, String password, String address, Optional<String> deviceSecret) {}

    /** The person whose name and password these are; refused alike for an unknown name and a wrong password. */
    Person check(Try typed) {
        var userName = typed.name().strip().toLowerCase(Locale.ROOT);
        var name = userName.substring(0, Math.min(LONGEST_NAME, userName.length()));
        var credentials = store.findCredentials(name);
        var from = from(typed, credentials.map(Credentials::person));
        attempts.requireFew(name, from);
        // An unknown name costs one hash too, so that its answer takes as long.
        var hash = credentials.map(Credentials::passwordHash).orElse(hashOfNobody);
        if (!passwords.matches(typed.password(), hash) || credentials.isEmpty()) {
            attempts.failed(name, from);
            throw Refusal.notSignedIn("This name and password do not fit. Check both and try again.");
        }
        return credentials.get().person();
    }

    private TriedFrom from(Try typed, Optional<Person> person) {
        return typed.deviceSecret()
                .filter(secret -> person.filter(known -> devices.isKnown(known.id(), secret))
                        .isPresent())
                .<TriedFrom>map(secret -> new TriedFrom.KnownDevice(KnownDevices.sha256(secret)))
                .orElseGet(() -> new TriedFrom.Elsewhere(typed.address()));
    }
}
