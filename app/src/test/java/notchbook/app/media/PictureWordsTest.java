package notchbook.app.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Font;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureWordsTest {
    @TempDir
    private Path folder;

    @Test
    void readsPrintLineByLine() throws IOException {
        var file = page(0, "An echo is a reflected sound", "The wall is far away");
        assertThat(PictureWords.of(file)).isEqualTo("An echo is a reflected sound\nThe wall is far away");
    }

    /** How far a page was turned to the right, and by how many quarters it has to be turned on to stand. */
    @ParameterizedTest
    @CsvSource({"0,0", "1,3", "2,2", "3,1"})
    void readsAPageThatLiesOnItsSideAndSaysHowToTurnIt(int turned, int quarters) throws IOException {
        var reading = PictureWords.reading(page(
                turned,
                "An echo is a reflected sound that comes",
                "back from a wall or a cliff after a moment",
                "The wall is far away when it takes longer",
                "Sound travels there and back again slowly",
                "so the distance is half of what it covers"));
        assertThat(reading.quarters()).isEqualTo(quarters);
        assertThat(reading.words()).contains("reflected", "distance");
    }

    @Test
    void turnsNoPictureOnWhichNothingCanBeRead() throws IOException {
        assertThat(PictureWords.reading(page(1))).isEqualTo(new MediaWords.Reading("", 0));
    }

    @ParameterizedTest
    @CsvSource({"90,17.1,1", "270,5.0,3", "270,4.9,0", "0,17,0", "360,17,0"})
    void takesTheWayUpFromWhatTheReaderIsSureOf(int rotate, double sureness, int quarters) {
        var said = "Orientation in degrees: 1\nRotate: %d\nOrientation confidence: %.2f\nScript: Latin\n";
        assertThat(PictureWords.quartersToStand(said.formatted(rotate, sureness)))
                .isEqualTo(quarters);
        assertThat(PictureWords.quartersToStand("Too few characters. Skipping this page"))
                .isZero();
    }

    @Test
    void leavesOutWhatTheReaderIsNotSureOf() {
        var table = Stream.of("level page_num … text", row(1, 96, "Waves"), row(1, 41, "~|~"), row(2, 60, "carry"))
                .collect(Collectors.joining("\n"));
        assertThat(PictureWords.words(table)).isEqualTo("Waves\ncarry");
    }

    /** A printed page, turned to the right by quarters. */
    private Path page(int turned, String... lines) throws IOException {
        var size = 1200;
        var picture = new BufferedImage(size, size, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        canvas.setColor(Color.WHITE);
        canvas.fillRect(0, 0, size, size);
        canvas.rotate(turned * Math.PI / 2, size / 2.0, size / 2.0);
        canvas.setColor(Color.BLACK);
        canvas.setFont(new Font(Font.SERIF, Font.PLAIN, 44));
        for (var i = 0; i < lines.length; i++) {
            canvas.drawString(lines[i], 60, 220 + 100 * i);
        }
        canvas.dispose();
        var file = folder.resolve("page.png");
        ImageIO.write(picture, "png", file.toFile());
        return file;
    }

    private static String row(int line, int sureness, String word) {
        return "5\t1\t1\t1\t%d\t1\t0\t0\t10\t10\t%d\t%s".formatted(line, sureness, word);
    }
}
