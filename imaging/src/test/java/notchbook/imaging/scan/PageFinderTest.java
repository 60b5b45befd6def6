package notchbook.imaging.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import notchbook.core.scan.Quad;
import org.junit.jupiter.api.Test;
import org.opencv.core.Point;

/** The page is found on photos with known corners: tilted, shadowed, on dark, light, white and checked desks. */
class PageFinderTest {
    private static final int PHOTOS = 36;
    private static final double ONE_PER_CENT = 0.01;

    @Test
    void findsTheCornersOfNineInTenAndIsNotSureOfTheOthers() {
        var good = 0;
        var falselySure = new ArrayList<String>();
        var missed = new ArrayList<String>();
        for (var i = 0; i < PHOTOS; i++) {
            var photo = photo(i);
            var found = PageFinder.find(photo.picture());
            var error = photo.error(points(found.quad(), photo));
            if (error < ONE_PER_CENT) {
                good++;
            } else {
                missed.add("%.3f off, sureness %.2f: %s".formatted(error, found.sureness(), photo.about()));
                if (found.isSure()) {
                    falselySure.add(photo.about());
                }
            }
            photo.picture().release();
        }
        System.out.printf(
                "%d of %d pages found within 1 %% of the diagonal%n%s%n", good, PHOTOS, String.join("\n", missed));
        assertThat(good).isGreaterThanOrEqualTo(PHOTOS * 9 / 10);
        assertThat(falselySure).isEmpty();
    }

    static TestPhoto photo(int i) {
        var random = new Random(1_000 + i);
        var isUpright = random.nextBoolean();
        var kind = Sheet.Kind.values()[i % 3];
        var sheet = Sheet.of(kind, i, 236 + random.nextInt(16));
        var shot = new TestPhoto.Shot(
                isUpright ? 1_200 : 1_600,
                isUpright ? 1_600 : 1_200,
                new double[] {0, 12, 24, 35}[(i / 2) % 4],
                random.nextInt(4),
                Desk.values()[i % 6],
                TestPhoto.Shadow.values()[(i / 6) % 4],
                i);
        var photo = TestPhoto.of(sheet, shot);
        sheet.release();
        return photo;
    }

    static List<Point> points(Quad quad, TestPhoto photo) {
        return quad.corners().stream()
                .map(corner -> new Point(
                        corner.x() * photo.picture().cols(),
                        corner.y() * photo.picture().rows()))
                .toList();
    }
}
