package notchbook.app.seal;

import java.time.Instant;
import java.util.Base64;
import java.util.List;
import notchbook.core.seal.SealKey;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SealKeyController {
    private final SealKeys keys;

    SealKeyController(SealKeys keys) {
        this.keys = keys;
    }

    /** {@code key} is the 32 bytes of an Ed25519 key in base64. */
    record SealKeyView(String key, String fingerprint, Instant since) {}

    /** What anybody may know to check a seal of this installation. */
    @GetMapping("/api/seal-keys")
    List<SealKeyView> keys() {
        return keys.publicKeys().stream()
                .map(key -> new SealKeyView(
                        Base64.getEncoder().encodeToString(key.bytes()),
                        SealKey.fingerprint(key.bytes()),
                        key.madeAt()))
                .toList();
    }
}
