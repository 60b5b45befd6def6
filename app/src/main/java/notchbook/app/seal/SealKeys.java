package notchbook.app.seal;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.SchoolClock;
import notchbook.core.seal.SealKey;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs seals with the installation's own key, which is made when the first seal needs it. */
@Service
public class SealKeys {
    private final SealKeyStore store;
    private final SchoolClock clock;

    SealKeys(SealKeyStore store, SchoolClock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** A signature with the id of the key that it was made with. */
    public record Signature(UUID keyId, byte[] bytes) {}

    @Transactional
    public Signature sign(byte[] text) {
        var key = current();
        return new Signature(key.id(), key.key().sign(text));
    }

    /** The key that is used now. */
    @Transactional
    public KeptKey current() {
        return store.latest().orElseGet(this::make);
    }

    /** The public part of a key, of this installation or of another that something was brought along from. */
    public Optional<PublicKey> publicKey(UUID keyId) {
        return store.publicKey(keyId);
    }

    /** The public parts of all keys of this installation, the latest first. */
    List<PublicKey> publicKeys() {
        return store.ownKeys();
    }

    private KeptKey make() {
        var made = new KeptKey(clock.newId(), SealKey.make());
        store.insert(made, clock.now());
        return made;
    }

    public record KeptKey(UUID id, SealKey key) {}

    public record PublicKey(UUID id, byte[] bytes, Instant madeAt, boolean isOwn) {}
}
