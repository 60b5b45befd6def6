package notchbook.app.people;

import java.security.SecureRandom;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import notchbook.app.platform.Refusal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** New passwords, for those who forgot theirs or whose is known to others. */
@Service
public class NewPasswords {
    // No letters and figures that look alike, so that it can be read out and copied from paper.
    private static final String CONSONANTS = "bdfgkmnprstvz";
    private static final String VOWELS = "aeiou";
    private static final int GROUPS = 3;

    private final People people;
    private final PersonStore store;
    private final SignInAttempts attempts;
    private final SignedIn sessions;
    private final PasswordEncoder passwords;
    private final SecureRandom random = new SecureRandom();

    NewPasswords(
            People people, PersonStore store, SignInAttempts attempts, SignedIn sessions, PasswordEncoder passwords) {
        this.people = people;
        this.store = store;
        this.attempts = attempts;
        this.sessions = sessions;
        this.passwords = passwords;
    }

    /** A student's name to sign in with and the new password, which is shown this once and kept as its hash alone. */
    public record NewPassword(String userName, String password) {}

    /** Gives a student of a class that the teacher takes a new password, and signs them out everywhere. */
    @Transactional
    NewPassword give(Person teacher, UUID classId, UUID studentId) {
        people.requireTaught(teacher, classId);
        var student = people.studentsOf(classId).stream()
                .filter(one -> one.id().equals(studentId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("student"));
        return give(student);
    }

    /** Gives somebody a new password, and signs them out everywhere. */
    @Transactional
    public NewPassword give(Person person) {
        var password = make();
        store.setPassword(person.id(), passwords.encode(password));
        attempts.forget(person.userName());
        sessions.endAll(person);
        return new NewPassword(person.userName(), password);
    }

    String make() {
        return password(random);
    }

    /** Three groups of two syllables and a number, such as tavo-meri-suna-47: 42 bits that can be said. */
    static String password(RandomGenerator random) {
        var groups = IntStream.range(0, GROUPS)
                .mapToObj(i -> syllable(random) + syllable(random))
                .collect(Collectors.joining("-"));
        return groups + "-" + random.nextInt(10, 100);
    }

    private static String syllable(RandomGenerator random) {
        return "" + CONSONANTS.charAt(random.nextInt(CONSONANTS.length()))
                + VOWELS.charAt(random.nextInt(VOWELS.length()));
    }
}
