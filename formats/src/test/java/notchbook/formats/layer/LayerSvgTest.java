package notchbook.formats.layer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;
import org.junit.jupiter.api.Test;

class LayerSvgTest {
    @Test
    void drawsEachThingOnceAndInItsOrder() {
        assertThat(LayerSvg.write(Layers.full()).lines().map(line -> line.replaceFirst("[ >].*", "")))
                .containsExactly("<path", "<rect", "<text", "<line", "<circle", "<circle");
    }

    @Test
    void takesWordsAsWordsAndNotAsMarkup() {
        assertThat(LayerSvg.write(Layers.full()))
                .contains("Still &lt;water&gt; &amp; &quot;air&quot;")
                .doesNotContain("<water>");
    }

    @Test
    void leavesOutSignsThatNoXmlHolds() {
        var odd = new Layer(
                8,
                4,
                List.of(new Thing.Label(
                        new UUID(0, 1), false, new Lettering(new Place(1, 1), 2, "#17262D", "a\u0001b"))));
        assertThat(LayerSvg.write(odd)).contains("ab</text>");
    }

    @Test
    void setsEachLineOfACalloutBelowTheOther() {
        assertThat(LayerSvg.write(Layers.full())).contains("y=\"269.0\"", "y=\"294.0\"");
    }

    @Test
    void tellsWhatSpotsSayAndNotThoseThatSayNothing() {
        assertThat(LayerSvg.spotWords(Layers.full())).isEqualTo("1  Crest of the wave");
    }
}
