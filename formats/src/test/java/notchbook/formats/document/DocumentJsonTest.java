package notchbook.formats.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DocumentJsonTest {
    private static final String WHOLE = """
            {"type":"doc","content":[
            {"type":"heading","content":[{"type":"text","text":"Echo"}],"attrs":{"level":2}},
            {"type":"paragraph","content":[{"type":"text","text":"half of ","marks":[{"type":"bold"},{"type":"highlight"}]},{"type":"hardBreak"},{"type":"text","text":"🔊 صوت"}]},
            {"type":"orderedList","content":[{"type":"listItem","content":[{"type":"paragraph"}]}],"attrs":{"start":3}},
            {"type":"bulletList","content":[{"type":"listItem","content":[{"type":"paragraph"}]}]}]}""";

    @Test
    void writesWhatItRead() {
        assertThat(DocumentJson.write(DocumentJson.read(WHOLE))).isEqualTo(WHOLE.replace("\n", ""));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"type\":\"paragraph\"}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"script\"}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"image\",\"attrs\":{\"src\":\"x\"}}]}",
                "{\"type\":\"doc\",\"content\":{\"type\":\"paragraph\"}}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"text\",\"text\":\"loose\"}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"heading\",\"attrs\":{\"level\":9}}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"bulletList\",\"content\":[{\"type\":\"paragraph\"}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\"}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"x\",\"marks\":[{\"type\":\"link\"}]}]}]}",
                "[]",
                "null",
                "3"
            })
    void refusesWhatTheSchemaHasNoPlaceFor(String json) {
        assertThatThrownBy(() -> DocumentJson.read(json)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void refusesListsNestedWithoutEnd() {
        var deep = "{\"type\":\"bulletList\",\"content\":[{\"type\":\"listItem\",\"content\":[".repeat(40)
                + "]}]}".repeat(40);
        assertThatThrownBy(() -> DocumentJson.read("{\"type\":\"doc\",\"content\":[" + deep + "]}"))
                .hasMessageContaining("12 deep");
    }

    @Test
    void dropsAttributesItDoesNotKnow() {
        var odd =
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"attrs\":{\"style\":\"x\",\"onclick\":\"y\"}}]}";
        assertThat(DocumentJson.write(DocumentJson.read(odd))).doesNotContain("onclick");
    }
}
