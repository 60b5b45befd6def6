package notchbook.app.handin;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.util.Base64;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import notchbook.app.media.Media;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * A sealed version as a ZIP file that anybody can check: every part under its path, {@code manifest-sha256.txt}, and in
 * {@code seal.json} what the seal says with its signature and key in base64.
 */
@Component
class SealedPackage {
    private final HandInStore store;
    private final SealedVersions versions;
    private final SentMedia sent;
    private final Media media;
    private final JsonMapper mapper;

    SealedPackage(HandInStore store, SealedVersions versions, SentMedia sent, Media media, JsonMapper mapper) {
        this.store = store;
        this.versions = versions;
        this.sent = sent;
        this.media = media;
        this.mapper = mapper;
    }

    private record Seal(String statement, String signature, String key) {}

    void write(HandIn handIn, OutputStream out) throws IOException {
        try (var zip = new ZipOutputStream(out)) {
            put(zip, "manifest-sha256.txt", store.manifest(handIn.id()).text());
            put(zip, "seal.json", mapper.writeValueAsString(seal(handIn)));
            for (var part : store.parts(handIn.id()).entrySet()) {
                put(zip, part.getKey(), part.getValue());
            }
            for (var sealed : sent.items(store.media(handIn.id())).entrySet()) {
                zip.putNextEntry(new ZipEntry(sealed.getKey()));
                Files.copy(media.place(sealed.getValue()), zip);
                zip.closeEntry();
            }
        }
    }

    private Seal seal(HandIn handIn) {
        var signed = versions.signed(handIn);
        var base64 = Base64.getEncoder();
        return new Seal(
                versions.statement(handIn).text(),
                signed.map(one -> base64.encodeToString(one.signature())).orElse(""),
                signed.map(one -> base64.encodeToString(one.publicKey())).orElse(""));
    }

    private static void put(ZipOutputStream zip, String path, String content) throws IOException {
        zip.putNextEntry(new ZipEntry(path));
        zip.write(content.getBytes(UTF_8));
        zip.closeEntry();
    }
}
