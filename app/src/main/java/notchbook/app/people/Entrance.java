package notchbook.app.people;

import static java.util.Locale.ROOT;

import java.util.regex.Pattern;
import notchbook.app.people.NewPasswords.NewPassword;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Enters people one by one. */
@Service
public class Entrance {
    private static final Pattern USER_NAME = Pattern.compile("[a-z0-9][a-z0-9._-]{1,59}");
    private static final int LONGEST_NAME = 120;

    private final PersonStore store;
    private final NewPasswords newPasswords;
    private final PasswordEncoder passwords;
    private final SchoolClock clock;

    Entrance(PersonStore store, NewPasswords newPasswords, PasswordEncoder passwords, SchoolClock clock) {
        this.newPasswords = newPasswords;
        this.store = store;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** Enters a person whose names and password are fit. */
    @Transactional
    public Person enter(NewPerson wish) {
        var userName = wish.userName().strip().toLowerCase(ROOT);
        var fullName = wish.fullName().strip();
        if (fullName.isEmpty() || fullName.length() > LONGEST_NAME) {
            throw Refusal.unfit("Type a name of up to 120 letters.");
        }
        if (!USER_NAME.matcher(userName).matches()) {
            throw Refusal.unfit("The name to sign in with has 2 to 60 small letters, figures, dots or hyphens.");
        }
        if (store.findCredentials(userName).isPresent()) {
            throw Refusal.unfit("The name \"%s\" is taken. Choose another to sign in with.".formatted(userName));
        }
        PasswordRule.requireFit(wish.password(), userName, fullName);
        var person = new Person(clock.newId(), userName, fullName, wish.role());
        store.insert(person, passwords.encode(wish.password()));
        return person;
    }

    /** Enters somebody by their full name, with a name to sign in with and a password that are made for them. */
    @Transactional
    public NewPassword enter(Role role, String fullName) {
        var userName =
                UserNames.free(fullName, name -> store.findCredentials(name).isPresent());
        var password = newPasswords.make();
        enter(new NewPerson(userName, fullName, role, password));
        return new NewPassword(userName, password);
    }
}
