package notchbook.formats.talk;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;
import notchbook.core.talk.Talk;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import notchbook.core.voice.Trim;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;

class TalkTest {
    private static final long START = 1_764_000_000_000L;
    private static final Take TAKE = Take.recorded(List.of(), List.of(new Stretch(START, 10_000)));

    /** A line over the whole width at half its height, drawn in the second second; a label that was there before. */
    private static final Talk TALK = Talk.of(
            TAKE,
            new Layer(
                    800,
                    400,
                    List.of(
                            new Thing.Ink(new UUID(0, 1), false, line(200, "#A23B2C", START + 1_000)),
                            new Thing.Label(
                                    new UUID(0, 2),
                                    false,
                                    new Lettering(new Place(40, 20), 40, "#0E5A66", "Crest <b>")),
                            new Thing.Ink(new UUID(0, 3), false, line(300, "#41702F", START + 20_000)))));

    @Test
    void drawsAStrokeAsFarAsItWasDrawn() {
        var frames = new TalkFrames(TALK, Optional.empty(), 400);
        assertThat(List.of(frames.widthPx(), frames.heightPx())).containsExactly(400, 200);
        assertThat(red(frames.at(900))).isZero();
        assertThat(red(frames.at(1_500))).isBetween(190L, 215L);
        assertThat(red(frames.at(1_500))).isBetween(190L, 215L);
        assertThat(red(frames.at(2_000))).isGreaterThan(395L);
        assertThat(red(frames.at(9_999))).isGreaterThan(395L);
    }

    @Test
    void showsWhatWasThereBeforeFromTheStartAndNothingThatCameLater() {
        var frames = new TalkFrames(TALK, Optional.empty(), 400);
        assertThat(coloured(frames.at(0), 0x0E5A66)).isGreaterThan(20L);
        assertThat(coloured(frames.at(9_999), 0x41702F)).isZero();
    }

    @Test
    void paintsOnThePicture() {
        var picture = new BufferedImage(80, 40, BufferedImage.TYPE_INT_RGB);
        picture.createGraphics().fillRect(0, 0, 40, 40);
        var frame = new TalkFrames(TALK, Optional.of(picture), 400).at(0);
        assertThat(List.of(frame.getRGB(100, 180) & 0xFFFFFF, frame.getRGB(300, 180) & 0xFFFFFF))
                .containsExactly(0xFFFFFF, 0);
    }

    @Test
    void writesOnePageWithDrawingVoiceAndWordsInsideAndNothingThatRunsByItself() throws IOException {
        var sound = new byte[500_000];
        var out = new ByteArrayOutputStream();
        var lines = new SpokenLines(List.of(new SpokenLine(65_000, 66_000, "</ol><script>alert(1)</script>")));
        TalkPage.write(
                new TalkPage.Sheet(
                        "Waves {{sound}} & <script>",
                        "Marlo",
                        TALK,
                        Optional.of(new byte[] {1, 2, 3}),
                        lines,
                        Optional.of(new Trim(500, 9_000)),
                        10),
                new TalkPage.Voice("audio/webm", new ByteArrayInputStream(sound)),
                out);
        var page = Jsoup.parse(out.toString());
        assertThat(page.select("script")).hasSize(1);
        assertThat(page.title()).isEqualTo("Waves {{sound}} & <script>");
        assertThat(page.select("audio").attr("src"))
                .startsWith("data:audio/webm;base64,AAAA")
                .hasSize("data:audio/webm;base64,".length() + (500_000 + 2) / 3 * 4);
        assertThat(page.select("image").attr("href")).isEqualTo("data:image/jpeg;base64,AQID");
        assertThat(page.select("svg > g[data-begun]")).hasSize(1);
        assertThat(page.select("svg > g").attr("data-begun")).isEqualTo("1000");
        assertThat(page.select("svg > text").text()).isEqualTo("Crest <b>");
        assertThat(page.select("li button").text()).isEqualTo("1:05");
        assertThat(page.html()).contains("{ from: 500, to: 9000 }").contains("steps = [1000]");
        assertThat(page.select("[src^=http], [href^=http], link")).isEmpty();
    }

    private static Stroke line(int y, String colour, long madeAt) {
        var points = IntStream.rangeClosed(0, 20)
                .mapToObj(i -> new InkPoint(40 * i, y, 1, 50 * i))
                .toList();
        return new Stroke(Tool.PEN, colour, 20, points, OptionalLong.of(madeAt));
    }

    /** How many px of the stroke's middle line are drawn. */
    private static long red(BufferedImage frame) {
        return IntStream.range(0, frame.getWidth())
                .filter(x -> (frame.getRGB(x, 100) & 0xFFFFFF) == 0xA23B2C)
                .count();
    }

    private static long coloured(BufferedImage frame, int colour) {
        return IntStream.range(0, frame.getWidth() * frame.getHeight())
                .filter(i -> (frame.getRGB(i % frame.getWidth(), i / frame.getWidth()) & 0xFFFFFF) == colour)
                .count();
    }
}
