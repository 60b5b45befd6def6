package notchbook.app.handin;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.seal.SealKeys;
import notchbook.core.seal.Manifest;
import notchbook.core.seal.Signed;
import notchbook.core.seal.Statement;
import notchbook.core.version.Version;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Writes frozen sections down as sealed parts, reads them again, and tells whether a seal still holds. */
@Component
class SealedVersions {
    private final HandInStore store;
    private final SentMedia sent;
    private final Media media;
    private final SealKeys keys;
    private final JsonMapper mapper;

    SealedVersions(HandInStore store, SentMedia sent, Media media, SealKeys keys, JsonMapper mapper) {
        this.keys = keys;
        this.store = store;
        this.sent = sent;
        this.media = media;
        this.mapper = mapper;
    }

    Map<String, String> write(Frozen frozen) {
        var parts = new LinkedHashMap<String, String>();
        frozen.parts().forEach((path, part) -> parts.put(path, mapper.writeValueAsString(part)));
        return parts;
    }

    /** The manifest over written parts and the media that go with them, by the digests under which these were kept. */
    Manifest manifest(Map<String, String> parts, Map<String, Copy> media) {
        var all = new ArrayList<>(Manifest.over(bytes(parts)).parts());
        sent.items(media).forEach((path, item) -> all.add(new Manifest.Part(path, item.sha256())));
        return new Manifest(all);
    }

    Frozen read(HandIn handIn) {
        var parts = store.parts(handIn.id());
        var pages = new ArrayList<Sealed.Page>();
        var reflections = new ArrayList<Sealed.Reflection>();
        parts.forEach((path, content) -> {
            if (path.startsWith("pages/")) {
                readable(content, Sealed.Page.class).ifPresent(pages::add);
            }
            if (path.startsWith("reflections/")) {
                readable(content, Sealed.Reflection.class).ifPresent(reflections::add);
            }
        });
        return new Frozen(
                mapper.readValue(parts.get("cover.json"), Sealed.Cover.class),
                pages,
                reflections,
                store.media(handIn.id()));
    }

    /** A sealed version as it is compared. */
    Version compared(HandIn handIn) {
        return VersionOf.of(read(handIn), store.manifest(handIn.id()).byPath());
    }

    /** Work as it is now, as it is compared. */
    Version compared(Frozen frozen) {
        var digests = new HashMap<String, String>();
        sent.items(frozen.media()).forEach((path, item) -> digests.put(path, item.sha256()));
        return VersionOf.of(frozen, digests);
    }

    /** The paths whose content is no longer what was sealed; empty while the seal holds. Every byte is read for it. */
    List<String> broken(HandIn handIn) {
        var now = new ArrayList<>(Manifest.over(bytes(store.parts(handIn.id()))).parts());
        sent.items(store.media(handIn.id())).forEach((path, item) -> now.add(new Manifest.Part(path, digestNow(item))));
        var sealed = store.manifest(handIn.id());
        var isListWhole = sealed.digest().equals(handIn.digest()) && isSignatureWhole(handIn);
        return isListWhole ? sealed.broken(new Manifest(now)) : List.of("manifest");
    }

    /** What a version's seal says of it. */
    Statement statement(HandIn handIn) {
        var cover = mapper.readValue(store.parts(handIn.id()).get("cover.json"), Sealed.Cover.class);
        return new Statement(
                cover.title(), cover.student(), cover.notebook(), handIn.version(), handIn.sealedAt(), handIn.digest());
    }

    /** The signature with the key to check it by; none for versions from before seals were signed. */
    Optional<Signed> signed(HandIn handIn) {
        return handIn.signature()
                .flatMap(made -> keys.publicKey(made.keyId()).map(key -> new Signed(key.bytes(), made.bytes())));
    }

    /** Whether a version was sealed by another installation and brought along from there. */
    boolean isSealedElsewhere(HandIn handIn) {
        return handIn.signature()
                .flatMap(made -> keys.publicKey(made.keyId()))
                .filter(key -> !key.isOwn())
                .isPresent();
    }

    private boolean isSignatureWhole(HandIn handIn) {
        return handIn.signature().isEmpty()
                || signed(handIn)
                        .filter(signed -> signed.holdsFor(statement(handIn).bytes()))
                        .isPresent();
    }

    /** A part that was tampered with until it can't be read is left out; the broken seal names it. */
    private <T> Optional<T> readable(String content, Class<T> part) {
        try {
            return Optional.of(mapper.readValue(content, part));
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private String digestNow(MediaItem item) {
        return media.digestNow(item).orElse("gone");
    }

    private static Map<String, byte[]> bytes(Map<String, String> parts) {
        var bytes = new HashMap<String, byte[]>();
        parts.forEach((path, content) -> bytes.put(path, content.getBytes(UTF_8)));
        return bytes;
    }
}
