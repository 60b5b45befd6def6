package notchbook.formats.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DrawingJsonTest {
    private static final String WAVE =
            "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#17262D\",\"width\":4.0,\"points\":[[10.0,20.5,0.5,0],[30.25,18.0,0.75,16]]}]}";

    @Test
    void writesWhatItRead() {
        assertThat(DrawingJson.write(DrawingJson.read(WAVE))).isEqualTo(WAVE);
    }

    @Test
    void keepsTheTiltOfAPenThatLeans() {
        var leaning = WAVE.replace("0.75,16]", "0.75,16,42]");
        assertThat(DrawingJson.write(DrawingJson.read(leaning))).isEqualTo(leaning);
    }

    @Test
    void drawsEveryStrokeAsAFilledPath() {
        var svg = DrawingSvg.write(DrawingJson.read(WAVE), "Wave <1>");
        assertThat(svg)
                .contains(
                        "viewBox=\"0 0 600 300\"", "<title>Wave &lt;1&gt;</title>", "<path d=\"M", "fill=\"#17262D\"");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{\"width\":600,\"height\":300}",
                "{\"width\":0,\"height\":300,\"strokes\":[]}",
                "{\"width\":99999999,\"height\":300,\"strokes\":[]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"spray\",\"colour\":\"#000000\",\"width\":4,\"points\":[[1,1,1,0]]}]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"red;}\",\"width\":4,\"points\":[[1,1,1,0]]}]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#000000\",\"width\":4,\"points\":[]}]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#000000\",\"width\":4,\"points\":[[1,1,1]]}]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#000000\",\"width\":4,\"points\":[[1,\"1\",1,0]]}]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#000000\",\"width\":4,\"points\":[[1,1,7,0]]}]}",
                "{\"width\":600,\"height\":300,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#000000\",\"width\":4,\"points\":[[1,1,1,0,91]]}]}"
            })
    void refusesWhatIsNoDrawing(String json) {
        assertThatThrownBy(() -> DrawingJson.read(json)).isInstanceOf(IllegalArgumentException.class);
    }
}
