package notchbook.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import notchbook.formats.sheet.Sections;
import notchbook.formats.web.Zips;
import org.junit.jupiter.api.Test;

class PagePicturesTest {
    @Test
    void drawsEachSheetByItself() throws IOException {
        var out = new ByteArrayOutputStream();
        var shares = new ArrayList<Double>();
        PagePictures.write(Sections.saying("An echo comes back."), PaperSize.A4, shares::add, out);
        assertThat(shares).containsExactly(1.0);
        var parts = Zips.read(out.toByteArray());
        assertThat(parts).containsOnlyKeys("page-001.png");
        var picture = ImageIO.read(new ByteArrayInputStream(parts.get("page-001.png")));
        assertThat(picture.getWidth()).isBetween(1_239, 1_241);
        assertThat(picture.getHeight()).isBetween(1_753, 1_755);
        var dark = IntStream.range(0, picture.getWidth() * picture.getHeight())
                .map(at -> picture.getRGB(at % picture.getWidth(), at / picture.getWidth()) & 0xFF)
                .filter(blue -> blue < 0x60)
                .count();
        assertThat(dark).as("letters").isGreaterThan(1_000);
    }
}
