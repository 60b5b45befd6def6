package notchbook.formats.ink;

import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;

/** Lays ink of any size on a drawing surface of its own. */
record Fitting(List<Stroke> strokes) {
    /** Larger ink is made smaller: a drawing has a limit, and a page is narrow. */
    private static final double WIDEST = 1_600;

    Drawing drawing(double margin, int narrowest, int lowest) {
        var left = all(InkPoint::x).min().orElse(0);
        var top = all(InkPoint::y).min().orElse(0);
        var wide = all(InkPoint::x).max().orElse(0) - left;
        var high = all(InkPoint::y).max().orElse(0) - top;
        var scale = Math.min(1, WIDEST / Math.max(1, Math.max(wide, high)));
        return new Drawing(
                (int) Math.max(narrowest, Math.ceil(wide * scale + 2 * margin)),
                (int) Math.max(lowest, Math.ceil(high * scale + 2 * margin)),
                strokes.stream()
                        .map(stroke -> stroke.along(stroke.points().stream()
                                .map(point -> point.at(
                                        (point.x() - left) * scale + margin, (point.y() - top) * scale + margin))
                                .toList()))
                        .toList());
    }

    private DoubleStream all(ToDoubleFunction<InkPoint> side) {
        return strokes.stream().flatMap(stroke -> stroke.points().stream()).mapToDouble(side);
    }
}
