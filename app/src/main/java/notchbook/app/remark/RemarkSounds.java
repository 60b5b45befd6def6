package notchbook.app.remark;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Which versions a sound was spoken about. */
@Component
public class RemarkSounds {
    private final RemarkStore store;

    RemarkSounds(RemarkStore store) {
        this.store = store;
    }

    /** The versions that hold a remark with this sound. */
    public List<UUID> versionsWith(UUID mediaId) {
        return store.withSound(mediaId);
    }
}
