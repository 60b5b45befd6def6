package notchbook.imaging.scan;

import java.util.Arrays;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How long a photo of 12 megapixels takes from its file to a clean page; printed and judged by nobody here. */
@Tag("slow")
class ScanTime {
    private static final int ROUNDS = 8;

    @Test
    void measure() {
        var sheet = Sheet.of(Sheet.Kind.TEXT, 3, 244);
        var photo =
                TestPhoto.of(sheet, new TestPhoto.Shot(4_000, 3_000, 22, 1, Desk.LIGHT_WOOD, TestPhoto.Shadow.SOFT, 3));
        var file = Vision.jpeg(photo.picture());
        photo.picture().release();
        var millis = new long[ROUNDS];
        for (var round = 0; round < ROUNDS; round++) {
            var begun = System.nanoTime();
            Scan.of(file);
            millis[round] = (System.nanoTime() - begun) / 1_000_000;
        }
        Arrays.sort(millis);
        System.out.printf(
                "12 megapixels to a clean page: median %d ms, slowest %d ms%n", millis[ROUNDS / 2], millis[ROUNDS - 1]);
    }
}
