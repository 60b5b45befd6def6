package notchbook.app.people;

import notchbook.app.platform.Refusal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One's own password. */
@Service
public class OwnPasswords {
    private final PersonStore store;
    private final SignInAttempts attempts;
    private final PasswordEncoder encoder;

    OwnPasswords(PersonStore store, SignInAttempts attempts, PasswordEncoder encoder) {
        this.store = store;
        this.attempts = attempts;
        this.encoder = encoder;
    }

    /** Whether a password may be used, and how hard it is to guess, in words. */
    public record Judgement(boolean isFit, String words) {}

    public Judgement judge(String password, String... names) {
        return PasswordRule.judge(password, names);
    }

    /** Changes a password for whoever knows the old one; tries are counted by the address that they come from. */
    @Transactional(noRollbackFor = Refusal.class)
    public void change(Person person, String old, String wish, String address) {
        var from = new TriedFrom.Elsewhere(address);
        attempts.requireFew(person.userName(), from);
        var hash = store.findCredentials(person.userName()).orElseThrow().passwordHash();
        if (!encoder.matches(old, hash)) {
            attempts.failed(person.userName(), from);
            throw Refusal.unfit("The password that you have now is another one. Nothing was changed.");
        }
        PasswordRule.requireFit(wish, person.userName(), person.fullName());
        store.setPassword(person.id(), encoder.encode(wish));
    }
}
