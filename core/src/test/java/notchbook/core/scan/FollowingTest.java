package notchbook.core.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is written on a picture follows it when it is made anew of its photo. */
class FollowingTest {
    private static final Quad LEFT_HALF = quad(0, 0, 0.5, 0, 0.5, 1, 0, 1);

    /** Where a spot at (200, 100) of a layer of 800 × 400 comes to lie, on a layer that stays 800 wide. */
    @ParameterizedTest
    @CsvSource({
        "0, 2.0, 200, 100",
        "1, 0.5, 600, 400",
        "2, 2.0, 600, 300",
        "3, 0.5, 200, 1200",
    })
    void turnsWithIt(int quarters, double widthToHeight, double x, double y) {
        var now = new Recipe(Quad.WHOLE, quarters, Finish.AS_TAKEN);
        assertSpot(Following.to(spot(200, 100), Recipe.WHOLE, now, widthToHeight), x, y);
    }

    @ParameterizedTest
    @CsvSource({"200,100,400,200,800", "0,0,0,0,800", "600,100,1200,200,800"})
    void isCroppedWithItAndKeepsWhatLiesOutside(double x, double y, double toX, double toY, int height) {
        var now = new Recipe(LEFT_HALF, 0, Finish.EVEN_LIGHT);
        var layer = Following.to(spot(x, y), Recipe.WHOLE, now, 1.0);
        assertThat(layer.height()).isEqualTo(height);
        assertSpot(layer, toX, toY);
    }

    @Test
    void isStraightenedWithIt() {
        var aslant = quad(0.2, 0.1, 0.8, 0.1, 1, 0.9, 0, 0.9);
        var now = new Recipe(aslant, 0, Finish.EVEN_LIGHT);
        for (var corner : aslant.corners()) {
            var layer = Following.to(spot(800 * corner.x(), 400 * corner.y()), Recipe.WHOLE, now, 2.0);
            var at = ((Thing.Spot) layer.things().getFirst()).at();
            assertThat(List.of(at.x() / 800, at.y() / 400))
                    .allSatisfy(share -> assertThat(Math.min(Math.abs(share), Math.abs(share - 1)))
                            .isLessThan(1e-9));
        }
        // Where the diagonals cross stays where they cross.
        assertSpot(Following.to(spot(400, 400 * 0.4), Recipe.WHOLE, now, 2.0), 400, 200);
    }

    @Test
    void growsLinesAndLettersAndKeepsTheMiddleOfWords() {
        var label = new Lettering(new Place(90, 95), 10, "#17262D", "oooo");
        var ink = new Stroke(
                Stroke.Tool.PEN, "#17262D", 4, List.of(new InkPoint(100, 100, 0.5, 0), new InkPoint(200, 100, 0.5, 9)));
        var before =
                new Layer(800, 400, List.of(new Thing.Label(id(1), true, label), new Thing.Ink(id(2), false, ink)));
        var now = new Recipe(quad(0, 0, 0.5, 0, 0.5, 0.5, 0, 0.5), 0, Finish.AS_TAKEN);
        var things = Following.to(before, Recipe.WHOLE, now, 2.0).things();
        var moved = ((Thing.Label) things.getFirst()).lettering();
        assertThat(moved.size()).isEqualTo(20, within(1e-6));
        assertThat(moved.at().x() + moved.width() / 2).isEqualTo(2 * (90 + 12), within(1e-6));
        assertThat(things.getFirst().isLocked()).isTrue();
        var stroke = ((Thing.Ink) things.getLast()).stroke();
        assertThat(stroke.width()).isEqualTo(8, within(1e-6));
        assertThat(stroke.points().getLast().x()).isEqualTo(400, within(1e-6));
        assertThat(stroke.points().getLast().millis()).isEqualTo(9);
    }

    @Test
    void takesAlongAPointerAndAnUprightFrame() {
        var callout = new Thing.Callout(
                id(1), false, new Lettering(new Place(10, 10), 10, "#17262D", "Crest"), new Place(200, 100));
        var box = new Thing.Box(id(2), false, "#A23B2C", new Place(100, 50), new Place(300, 150));
        var turned = new Recipe(Quad.WHOLE, 1, Finish.AS_TAKEN);
        var things = Following.to(new Layer(800, 400, List.of(callout, box)), Recipe.WHOLE, turned, 0.5)
                .things();
        assertThat(((Thing.Callout) things.getFirst()).tip()).isEqualTo(new Place(600, 400));
        assertThat(things.getLast())
                .isEqualTo(new Thing.Box(id(2), false, "#A23B2C", new Place(500, 200), new Place(700, 600)));
    }

    @Test
    void staysAsItIsWhenOnlyTheFinishChanges() {
        var layer = spot(200, 100);
        assertThat(Following.to(layer, Recipe.WHOLE, new Recipe(Quad.WHOLE, 0, Finish.INK_ON_WHITE), 2.0))
                .isSameAs(layer);
    }

    /** Whatever is done to the corners and taken back: everything is where it was. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void isWhereItWasWhenTheOldCornersComeBack(long seed) {
        var random = new Random(seed);
        var first = new Recipe(somewhere(random), random.nextInt(4), Finish.EVEN_LIGHT);
        var second = new Recipe(somewhere(random), random.nextInt(4), Finish.EVEN_LIGHT);
        var there = Following.to(spot(200, 100), first, second, 0.7);
        assertSpot(Following.to(there, second, first, 2.0), 200, 100);
    }

    @Test
    void goesWithThePageOfASetAndIsNoLayerWhenEmpty() {
        var page = SetPage.of(id(5)).with(spot(200, 100));
        var turned = new SetPage(id(6), id(5), new Recipe(Quad.WHOLE, 2, Finish.AS_TAKEN), "", "", Optional.empty());
        assertSpot(turned.following(page, 2.0).layer().orElseThrow(), 600, 300);
        assertThat(turned.following(SetPage.of(id(5)), 2.0)).isEqualTo(turned);
        assertThat(page.with(new Layer(800, 400, List.of())).layer()).isEmpty();
    }

    private static Quad somewhere(Random random) {
        return quad(
                near(0, random),
                near(0, random),
                near(1, random),
                near(0, random),
                near(1, random),
                near(1, random),
                near(0, random),
                near(1, random));
    }

    private static double near(double side, Random random) {
        return side + 0.15 * (2 * random.nextDouble() - 1);
    }

    private static void assertSpot(Layer layer, double x, double y) {
        assertThat(layer.things()).singleElement().isInstanceOfSatisfying(Thing.Spot.class, spot -> {
            assertThat(spot.at().x()).isEqualTo(x, within(1e-6));
            assertThat(spot.at().y()).isEqualTo(y, within(1e-6));
        });
    }

    private static Layer spot(double x, double y) {
        return new Layer(800, 400, List.of(new Thing.Spot(id(1), false, 1, new Place(x, y), "Crest")));
    }

    private static Quad quad(double... xy) {
        return new Quad(
                new Corner(xy[0], xy[1]), new Corner(xy[2], xy[3]), new Corner(xy[4], xy[5]), new Corner(xy[6], xy[7]));
    }

    private static UUID id(int n) {
        return new UUID(0, n);
    }
}
