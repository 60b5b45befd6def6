package notchbook.core.seal;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.security.KeyFactory;
import java.security.spec.EdECPrivateKeySpec;
import java.security.spec.NamedParameterSpec;
import java.time.Instant;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;

class StatementTest {
    private static final Statement SAID = new Statement(
            "Echoes\nVersion: 9", "Marlo Quist", "Physics", 2, Instant.parse("2026-11-24T10:58:00Z"), "ab12");

    @Test
    void saysEachThingOnALineOfItsOwn() {
        assertThat(SAID.text()).isEqualTo("""
                        Notchbook seal 1
                        Title: Echoes Version: 9
                        Student: Marlo Quist
                        Notebook: Physics
                        Version: 2
                        Sealed: 2026-11-24T10:58:00Z
                        Manifest: sha256 ab12
                        """);
    }

    @Test
    void isSignedSoThatNothingOfItCanChange() {
        var key = SealKey.make();
        var signed = new Signed(key.publicBytes(), key.sign(SAID.bytes()));
        assertThat(signed.holdsFor(SAID.bytes())).isTrue();
        assertThat(signed.holdsFor(SAID.text().replace("ab12", "ab13").getBytes(UTF_8)))
                .isFalse();
        assertThat(new Signed(SealKey.make().publicBytes(), signed.signature()).holdsFor(SAID.bytes()))
                .isFalse();
        assertThat(new Signed(new byte[3], signed.signature()).holdsFor(SAID.bytes()))
                .isFalse();
        assertThat(new Signed(key.publicBytes(), new byte[64]).holdsFor(SAID.bytes()))
                .isFalse();
    }

    /** RFC 8032, 7.1, test 2. */
    @Test
    void signsAsTheStandardSays() throws Exception {
        var secret = HexFormat.of().parseHex("4ccd089b28ff96da9db6c346ec114e0f5b8a319f35aba624da8cf6ed4fb8a6fb");
        var known = HexFormat.of().parseHex("3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c");
        var privateKey = KeyFactory.getInstance("Ed25519")
                .generatePrivate(new EdECPrivateKeySpec(NamedParameterSpec.ED25519, secret));
        var key = new SealKey(known, privateKey.getEncoded());
        var signature = key.sign(new byte[] {0x72});
        assertThat(HexFormat.of().formatHex(signature)).startsWith("92a009a9f0d4cab8720e820b5f642540a2b27b54");
        assertThat(new Signed(known, signature).holdsFor(new byte[] {0x72})).isTrue();
    }
}
