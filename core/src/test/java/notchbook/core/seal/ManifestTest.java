package notchbook.core.seal;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class ManifestTest {
    private static final String EMPTY_SHA256 = "e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855";
    private final Manifest sealed = Manifest.over(Map.of("pages/1.json", bytes("echo"), "media/wall.jpg", bytes("")));

    @Test
    void listsPartsByPathInBagItForm() {
        assertThat(sealed.text())
                .startsWith(EMPTY_SHA256 + "  media/wall.jpg\n")
                .contains("  pages/1.json\n");
    }

    @Test
    void holdsWhileNothingChanges() {
        assertThat(sealed.broken(Manifest.parse(sealed.text()))).isEmpty();
    }

    @Test
    void breaksWhenAPartChangesGoesOrIsAdded() {
        var now = Manifest.over(Map.of("pages/1.json", bytes("echo "), "pages/2.json", bytes("new")));
        assertThat(sealed.broken(now)).containsExactly("media/wall.jpg", "pages/1.json", "pages/2.json");
    }

    @Test
    void changesItsDigestWithAnyPart() {
        var other = Manifest.over(Map.of("pages/1.json", bytes("Echo"), "media/wall.jpg", bytes("")));
        assertThat(other.digest()).isNotEqualTo(sealed.digest()).hasSize(64);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(UTF_8);
    }
}
