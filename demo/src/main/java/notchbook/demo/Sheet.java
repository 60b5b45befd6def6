package notchbook.demo;

import java.util.ArrayList;
import java.util.List;
import notchbook.core.ink.Drawing;
import nu.pattern.OpenCV;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.imgproc.Imgproc;

/** A sheet of A4 as it lies on a desk: written by hand on ruled paper, or a printed handout. Sizes in px. */
record Sheet(String title, boolean isPrint, List<String> lines) {
    static final int WIDTH = 1_240;
    static final int HEIGHT = 1_754;

    private static final int MARGIN = 150;
    private static final int LINE = 64;
    private static final int SKETCH_HEIGHT = 400;
    private static final double LETTER = 24;
    private static final Scalar PAPER = new Scalar(238, 245, 246);
    private static final Scalar RULE = new Scalar(226, 212, 196);
    private static final Scalar MARGIN_RULE = new Scalar(150, 150, 226);
    private static final Scalar TYPE = new Scalar(40, 38, 36);

    static {
        OpenCV.loadLocally();
    }

    /** The sheet of a key in the demo's file of sheets: {@code # key} for one by hand, {@code # key:title} for a print. */
    static Sheet of(String key) {
        var lines = new ArrayList<String>();
        var head = "";
        for (var line : Outline.text("sheets.txt").lines().toList()) {
            var isHead = line.startsWith("# ");
            head = isHead ? line.substring(2) : head;
            if (head.split(":")[0].equals(key)) {
                lines.add(isHead ? head : line);
            }
        }
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("There is no sheet “" + key + "”.");
        }
        var title = lines.removeFirst().substring(key.length());
        return new Sheet(title.replaceFirst(":", ""), !title.isEmpty(), lines);
    }

    /** As it looks under an even lamp; the same seed gives the same hand. */
    Mat drawn(long seed) {
        var sheet = new Mat(HEIGHT, WIDTH, CvType.CV_8UC3, PAPER);
        if (isPrint) {
            type(sheet, title, 190, 1.5, 3);
        } else {
            rule(sheet);
        }
        var y = isPrint ? 320 : 210;
        for (var line : lines) {
            y += row(sheet, line, y, seed + y);
        }
        return sheet;
    }

    /** Gives how far down the row reaches. */
    private int row(Mat sheet, String line, int y, long seed) {
        if (line.equals(".")) {
            return LINE;
        }
        if (line.startsWith("~")) {
            ink(sheet, Sketches.of(line.substring(1), seed), MARGIN, y);
            return SKETCH_HEIGHT;
        }
        if (isPrint) {
            type(sheet, line, y, 0.95, 2);
        } else {
            var pen = new Pen(WIDTH, HEIGHT, seed).with(Pen.BLUE, 4.5);
            ink(sheet, pen.words(MARGIN, y, LETTER, line).drawing(), 0, 0);
        }
        return LINE;
    }

    private static void type(Mat sheet, String words, int y, double size, int weight) {
        var at = new Point(MARGIN, y);
        Imgproc.putText(sheet, words, at, Imgproc.FONT_HERSHEY_COMPLEX, size, TYPE, weight, Imgproc.LINE_AA);
    }

    private static void rule(Mat sheet) {
        for (var y = 226; y < HEIGHT - 60; y += LINE) {
            Imgproc.line(sheet, new Point(0, y), new Point(WIDTH, y), RULE, 2);
        }
        Imgproc.line(sheet, new Point(MARGIN - 30, 0), new Point(MARGIN - 30, HEIGHT), MARGIN_RULE, 2);
    }

    private static void ink(Mat sheet, Drawing drawing, int left, int top) {
        for (var stroke : drawing.strokes()) {
            var rgb = Integer.decode(stroke.colour());
            var colour = new Scalar(rgb & 0xFF, rgb >> 8 & 0xFF, rgb >> 16);
            for (var ring : notchbook.core.ink.Outline.of(stroke).rings()) {
                var corners = ring.stream()
                        .map(corner -> new Point(left + corner.x(), top + corner.y()))
                        .toArray(Point[]::new);
                Imgproc.fillPoly(sheet, List.of(new MatOfPoint(corners)), colour, Imgproc.LINE_AA);
            }
        }
    }
}
