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

class PictureWordsTest {
    @TempDir
    private Path folder;

    @Test
    void readsPrintLineByLine() throws IOException {
        var picture = new BufferedImage(900, 400, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        canvas.setColor(Color.WHITE);
        canvas.fillRect(0, 0, 900, 400);
        canvas.setColor(Color.BLACK);
        canvas.setFont(new Font(Font.SERIF, Font.PLAIN, 44));
        canvas.drawString("An echo is a reflected sound", 60, 120);
        canvas.drawString("The wall is far away", 60, 220);
        canvas.dispose();
        var file = folder.resolve("page.png");
        ImageIO.write(picture, "png", file.toFile());
        assertThat(PictureWords.of(file)).isEqualTo("An echo is a reflected sound\nThe wall is far away");
    }

    @Test
    void leavesOutWhatTheReaderIsNotSureOf() {
        var table = Stream.of("level page_num … text", row(1, 96, "Waves"), row(1, 41, "~|~"), row(2, 60, "carry"))
                .collect(Collectors.joining("\n"));
        assertThat(PictureWords.words(table)).isEqualTo("Waves\ncarry");
    }

    private static String row(int line, int sureness, String word) {
        return "5\t1\t1\t1\t%d\t1\t0\t0\t10\t10\t%d\t%s".formatted(line, sureness, word);
    }
}
