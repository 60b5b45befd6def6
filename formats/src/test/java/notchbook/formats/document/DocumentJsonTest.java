package notchbook.formats.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DocumentJsonTest {
    private static final String WHOLE = """
            {"type":"doc","content":[
            {"type":"heading","content":[{"type":"text","text":"Echo"}],"attrs":{"level":2}},
            {"type":"paragraph","content":[{"type":"text","text":"half of ","marks":[{"type":"bold"},{"type":"highlight","attrs":{"color":"rose"}}]},{"type":"hardBreak"},{"type":"text","text":"🔊 صوت"}]},
            {"type":"paragraph","content":[{"type":"text","text":"v","marks":[{"type":"italic"},{"type":"underline"}]},{"type":"text","text":"2","marks":[{"type":"subscript"}]},{"type":"text","text":"2","marks":[{"type":"superscript"}]},{"type":"inlineMath","attrs":{"latex":"\\\\frac{d}{t}"}},{"type":"text","text":"see","marks":[{"type":"link","attrs":{"href":"https://skerrow.example/a?b=c"}}]}]},
            {"type":"orderedList","content":[{"type":"listItem","content":[{"type":"paragraph"}]}],"attrs":{"start":3}},
            {"type":"bulletList","content":[{"type":"listItem","content":[{"type":"paragraph"}]}]},
            {"type":"taskList","content":[{"type":"taskItem","content":[{"type":"paragraph"}],"attrs":{"checked":true}},{"type":"taskItem","content":[{"type":"paragraph"}],"attrs":{"checked":false}}]},
            {"type":"blockquote","content":[{"type":"paragraph","content":[{"type":"text","text":"Sound bends."}]}],"attrs":{"source":"The town paper"}},
            {"type":"table","content":[{"type":"tableRow","content":[{"type":"tableHeader","content":[{"type":"paragraph","content":[{"type":"text","text":"s"}]}],"attrs":{"colspan":2,"rowspan":1}}]},{"type":"tableRow","content":[{"type":"tableCell","content":[{"type":"paragraph","content":[{"type":"text","text":"0.28"}]}],"attrs":{"colspan":1,"rowspan":1}},{"type":"tableCell","content":[{"type":"paragraph"}],"attrs":{"colspan":1,"rowspan":1}}]}]},
            {"type":"paragraph","content":[{"type":"text","text":"said","marks":[{"type":"said","attrs":{"recording":"00000000-0000-0007-0000-000000000003","at":4200}}]}]},
            {"type":"paragraph","content":[{"type":"text","text":"late","marks":[{"type":"passage","attrs":{"id":"00000000-0000-0007-0000-000000000001"}},{"type":"passage","attrs":{"id":"00000000-0000-0007-0000-000000000002"}}]}]},
            {"type":"blockMath","attrs":{"latex":"2d = vt"}}]}""";

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
                "{\"type\":\"doc\",\"content\":[{\"type\":\"taskList\",\"content\":[{\"type\":\"listItem\"}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"table\",\"content\":[{\"type\":\"tableCell\"}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"table\",\"content\":[{\"type\":\"tableRow\",\"content\":[{\"type\":\"paragraph\"}]}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"tableRow\"}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"x\",\"marks\":[{\"type\":\"passage\"}]}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"x\",\"marks\":[{\"type\":\"said\",\"attrs\":{\"at\":4}}]}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"x\",\"marks\":[{\"type\":\"said\",\"attrs\":{\"recording\":\"00000000-0000-0007-0000-000000000003\",\"at\":-4}}]}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"x\",\"marks\":[{\"type\":\"said\",\"attrs\":{\"recording\":\"00000000-0000-0007-0000-000000000003\"}}]}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"x\",\"marks\":[{\"type\":\"passage\",\"attrs\":{\"id\":\"1\"}}]}]}]}",
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"blockMath\"}]}]}",
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

    @ParameterizedTest
    @ValueSource(
            strings = {
                "'link'",
                "'link','attrs':{'href':'javascript:alert(1)'}",
                "'link','attrs':{'href':'JaVaScRiPt:alert(1)'}",
                "'link','attrs':{'href':'data:text/html,x'}",
                "'link','attrs':{'href':'file:///etc/passwd'}",
                "'link','attrs':{'href':' https://skerrow.example'}",
                "'link','attrs':{'href':'//skerrow.example'}",
                "'highlight','attrs':{'color':'url(x)'}",
                "'textStyle'"
            })
    void refusesMarksThatLeadOrLookElsewhere(String mark) {
        var json =
                "{'type':'doc','content':[{'type':'paragraph','content':[{'type':'text','text':'x','marks':[{'type':%s}]}]}]}"
                        .formatted(mark)
                        .replace('\'', '"');
        assertThatThrownBy(() -> DocumentJson.read(json)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void takesAHighlightWithoutAColourAsYellow() {
        var old =
                "{'type':'doc','content':[{'type':'paragraph','content':[{'type':'text','text':'x','marks':[{'type':'highlight'}]}]}]}"
                        .replace('\'', '"');
        assertThat(DocumentJson.write(DocumentJson.read(old))).contains("\"color\":\"yellow\"");
    }

    @Test
    void refusesATableThatNoPageHolds() {
        var cell = "{\"type\":\"tableCell\"}";
        var row = "{\"type\":\"tableRow\",\"content\":[" + String.join(",", Collections.nCopies(31, cell)) + "]}";
        assertThatThrownBy(() -> DocumentJson.read(
                        "{\"type\":\"doc\",\"content\":[{\"type\":\"table\",\"content\":[" + row + "]}]}"))
                .hasMessageContaining("30 columns");
    }

    @Test
    void dropsAttributesItDoesNotKnow() {
        var odd =
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"attrs\":{\"style\":\"x\",\"onclick\":\"y\"}}]}";
        assertThat(DocumentJson.write(DocumentJson.read(odd))).doesNotContain("onclick");
    }
}
