package notchbook.imaging.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.io.ByteArrayInputStream;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PhotoIntakeTest {
    /** A WebP of 2 x 2 px, as any encoder makes it. */
    private static final byte[] WEBP = Base64.getDecoder()
            .decode("UklGRjwAAABXRUJQVlA4IDAAAADQAQCdASoCAAIAAgA0JaACdLoB+AADsAD+8Oj3/yC5YXXI1/8gP+QH/ID/+PIAAAA=");

    @ParameterizedTest
    @CsvSource({
        "1,400,300,left,top", "2,400,300,right,top", "3,400,300,right,bottom", "4,400,300,left,bottom",
        "5,300,400,left,top", "6,300,400,right,top", "7,300,400,right,bottom", "8,300,400,left,bottom"
    })
    void turnsUprightByItsOwnData(int orientation, int width, int height, String side, String end) throws Exception {
        var photo = PhotoIntake.take(Pictures.withExif(Pictures.encoded("jpeg", 400, 300), orientation));
        var upright = ImageIO.read(new ByteArrayInputStream(photo.full()));
        var x = side.equals("left") ? 20 : width - 20;
        var y = end.equals("top") ? 20 : height - 20;
        assertThat(new Color(upright.getRGB(x, y)).getGreen()).isLessThan(40);
        assertThat(photo).extracting(Photo::width, Photo::height).containsExactly(width, height);
    }

    @Test
    void takesPlaceDataOutAndKeepsTheTimeBeside() throws Exception {
        var sent = Pictures.withExif(Pictures.encoded("jpeg", 400, 300), 6);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                        .getDirectoriesOfType(GpsDirectory.class))
                .isNotEmpty();
        var photo = PhotoIntake.take(sent);
        for (var kept : Arrays.asList(photo.full(), photo.screen())) {
            assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(kept))
                            .getDirectoriesOfType(ExifDirectoryBase.class))
                    .isEmpty();
        }
        assertThat(photo.capturedAt()).contains(LocalDateTime.of(2026, 11, 24, 10, 42, 7));
    }

    @Test
    void keepsTheFullSizeAndMakesASmallerOneForTheScreen() throws Exception {
        var photo = PhotoIntake.take(Pictures.encoded("png", 3000, 2000));
        var screen = ImageIO.read(new ByteArrayInputStream(photo.screen()));
        assertThat(photo.width()).isEqualTo(3000);
        assertThat(screen.getWidth()).isEqualTo(1400);
    }

    @Test
    void readsWebP() throws Exception {
        assertThat(PhotoIntake.take(WEBP).width()).isEqualTo(2);
    }

    @Test
    void refusesMoreThanFortyMegapixelsBeforeDecoding() {
        assertRefused(Pictures.pngClaiming(30_000, 30_000), "900 megapixels; 40 is the most");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.6, 0.9})
    void refusesAPictureCutShort(double share) throws Exception {
        for (var format : new String[] {"jpeg", "png"}) {
            var whole = Pictures.encoded(format, 800, 600);
            assertRefused(Arrays.copyOf(whole, (int) (whole.length * share)), "broken or only half there");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "<html><body>a page renamed to .jpg</body></html>",
                "%PDF-1.7",
                "GIF89a\1\0\1\0\0\0\0;",
                "RIFF\0\0\0\0WAVE"
            })
    void refusesWhatIsNoPicture(String content) {
        assertRefused(content.getBytes(), "JPEG, PNG or WebP");
    }

    @Test
    void namesTheFormatThatPhonesTakeAndNobodyReads() {
        assertRefused("\0\0\0\30ftypheic\0\0\0\0".getBytes(), "HEIC format");
    }

    private static void assertRefused(byte[] file, String message) {
        assertThatThrownBy(() -> PhotoIntake.take(file))
                .isInstanceOf(PhotoRefused.class)
                .hasMessageContaining(message);
    }
}
