package notchbook.browser;

import java.util.List;
import notchbook.core.ink.Bounds;
import notchbook.core.ink.Eraser;
import notchbook.core.ink.Loop;
import notchbook.core.ink.Outline;
import notchbook.core.ink.ShapeFit;
import notchbook.core.ink.Stroke;
import org.teavm.jso.JSExport;

/** A stroke under the pen: each method asks one rule of the core. Samples go as in {@link InkRules#stroke}. */
public final class LiveStroke {
    private final Stroke stroke;

    LiveStroke(Stroke stroke) {
        this.stroke = stroke;
    }

    /** The rings of its outline, each as x and y of its corners. */
    @JSExport
    public double[][] outline() {
        return Outline.of(stroke).rings().stream().map(LiveStroke::flat).toArray(double[][]::new);
    }

    /** The samples that are kept of it. */
    @JSExport
    public double[] settled() {
        return Samples.of(stroke.settled().points());
    }

    /** The samples of the figure that it was meant to be; none where it looks like none. */
    @JSExport
    public double[] shape() {
        return ShapeFit.of(stroke).map(shape -> Samples.of(shape.points())).orElseGet(() -> new double[0]);
    }

    @JSExport
    public boolean isNear(double x, double y, double reach) {
        return stroke.isNear(x, y, reach);
    }

    /** Whether an eraser touches it that goes along a path of x and y. */
    @JSExport
    public boolean isTouched(double[] path, double radius) {
        return new Eraser(Samples.places(path), radius).touches(stroke);
    }

    /** The samples of each piece that such an eraser leaves; one that is as long as before was not touched. */
    @JSExport
    public double[][] leftBy(double[] path, double radius) {
        return new Eraser(Samples.places(path), radius)
                .leaves(stroke).stream()
                        .map(piece -> Samples.of(piece.points()))
                        .toArray(double[][]::new);
    }

    /** Whether a loop of x and y holds it. */
    @JSExport
    public boolean isHeld(double[] loop) {
        return new Loop(Samples.places(loop)).holds(stroke);
    }

    /** Left, top, right and bottom. */
    @JSExport
    public double[] bounds() {
        var bounds = Bounds.of(stroke);
        return new double[] {bounds.left(), bounds.top(), bounds.right(), bounds.bottom()};
    }

    private static double[] flat(List<Outline.Corner> ring) {
        var flat = new double[2 * ring.size()];
        for (var i = 0; i < ring.size(); i++) {
            flat[2 * i] = ring.get(i).x();
            flat[2 * i + 1] = ring.get(i).y();
        }
        return flat;
    }
}
