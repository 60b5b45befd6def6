package notchbook.app.account;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.Locale.ROOT;

import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.stream.Collectors;
import notchbook.app.people.Entrance;
import notchbook.app.people.NewPerson;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.seal.Sha256;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The first visit to an empty Notchbook: whoever has the code that its machine printed makes the first account. */
@Service
class FirstVisits {
    private static final Logger LOG = LoggerFactory.getLogger(FirstVisits.class);

    // No letters and figures that look alike.
    private static final String SIGNS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";
    private static final int LENGTH = 10;

    private final FirstVisitStore store;
    private final People people;
    private final Entrance entrance;
    private final SecureRandom random = new SecureRandom();

    FirstVisits(FirstVisitStore store, People people, Entrance entrance) {
        this.store = store;
        this.people = people;
        this.entrance = entrance;
    }

    /** Says the code where the server's own messages go; one from an earlier start is worth nothing then. */
    @EventListener(ApplicationReadyEvent.class)
    void announce() {
        if (people.isEmpty()) {
            LOG.info("The code for the first visit is {}", newCode());
        }
        LOG.info("Notchbook is ready");
    }

    String newCode() {
        var code = random.ints(LENGTH, 0, SIGNS.length())
                .mapToObj(at -> String.valueOf(SIGNS.charAt(at)))
                .collect(Collectors.joining())
                .replaceFirst("(.{5})", "$1-");
        store.put(digest(code));
        return code;
    }

    /** Makes the first account; the code is worth nothing afterwards. */
    @Transactional
    Person begin(String code, NewPerson first) {
        var kept = store.lock();
        if (!people.isEmpty()) {
            throw Refusal.notNow("This Notchbook has its first account already. Sign in.");
        }
        if (kept.filter(one -> isSame(one, digest(code))).isEmpty()) {
            throw Refusal.unfit("This is not the code. It stands in the window in which Notchbook was started.");
        }
        store.delete();
        return entrance.enter(first);
    }

    private static boolean isSame(String kept, String typed) {
        return MessageDigest.isEqual(kept.getBytes(UTF_8), typed.getBytes(UTF_8));
    }

    private static String digest(String code) {
        return Sha256.hex(code.toUpperCase(ROOT).replaceAll("[^A-Z0-9]", ""));
    }
}
