package notchbook.app.handin;

import java.util.Collection;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whether the seals of versions hold. */
@Component
public class Seals {
    private final HandInStore store;
    private final SealedVersions versions;

    Seals(HandInStore store, SealedVersions versions) {
        this.store = store;
        this.versions = versions;
    }

    /** How many of these versions are what was sealed; every byte of them is read for that. */
    public int holding(Collection<UUID> handIns) {
        return (int) handIns.stream()
                .flatMap(id -> store.find(id).stream())
                .filter(handIn -> versions.broken(handIn).isEmpty())
                .count();
    }
}
