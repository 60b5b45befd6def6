package notchbook.core.seal;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.joining;

import java.time.Instant;
import java.util.stream.Stream;

/**
 * What a seal says: what was sealed, by whom, when, and the digest over its manifest (docs/rules.md, Seal). It is this text that
 * the installation signs, so that neither a part nor what is said of it can change unseen.
 */
public record Statement(String title, String student, String notebook, int version, Instant sealedAt, String digest) {
    private static final String HEAD = "Notchbook seal 1";

    /** The text: its head, then a line "name: value" for each thing that is said. */
    public String text() {
        return Stream.of(
                        HEAD,
                        "Title: " + title,
                        "Student: " + student,
                        "Notebook: " + notebook,
                        "Version: " + version,
                        "Sealed: " + sealedAt,
                        "Manifest: sha256 " + digest)
                .map(line -> line.replaceAll("\\R", " ") + "\n")
                .collect(joining());
    }

    public byte[] bytes() {
        return text().getBytes(UTF_8);
    }
}
