package notchbook.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import java.util.function.IntBinaryOperator;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import notchbook.core.ink.Outline;

/** The photos of the demo notebooks, painted: a surface with the grain of the real one, things on it, light from one side. */
final class Photographs {
    private static final int WIDTH = 1600;
    private static final int HEIGHT = 1200;

    private final Random random;
    private final double[] noise = new double[256 * 256];
    private final BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);

    /** Its dots from the top left; a whole school's photos take too long through the picture's own methods. */
    private final int[] dots = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();

    private Photographs(long seed) {
        random = new Random(seed);
        for (var i = 0; i < noise.length; i++) {
            noise[i] = random.nextDouble();
        }
    }

    /** The colour of a place in the picture, as red, green and blue from 0 to 255. */
    private interface Surface {
        double[] at(double x, double y);
    }

    static byte[] jpeg(String subject, long seed) {
        var studio = new Photographs(seed);
        studio.paint(subject);
        studio.develop();
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(studio.image, "jpeg", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    private void paint(String subject) {
        switch (subject) {
            case "spring" -> spring();
            case "ripple" -> ripple();
            case "jar" -> jar();
            case "wall" -> wall();
            case "mirror" -> mirror();
            case "prism" -> prism();
            case "river" -> river();
            case "coast" -> coast(false);
            case "cliff" -> coast(true);
            case "score" -> paper(true);
            case "string" -> string();
            default -> paper(false);
        }
    }

    private void spring() {
        surface((x, y) -> grey(150 + 26 * grain(x, y, 5) + (x % 400 < 6 || y % 400 < 6 ? -40 : 0), 1, 0.98, 0.92));
        var canvas = canvas();
        for (var pass = 0; pass < 2; pass++) {
            var coil = new Path2D.Double();
            coil.moveTo(60, 640);
            for (var t = 0.0; t < 300; t += 0.1) {
                var x = 60 + t * 4.9 + 90 * Math.sin(t / 21);
                coil.lineTo(x + 14 * Math.cos(t * 2.2) + pass * 9, 640 + 78 * Math.sin(t * 2.2) + pass * 16);
            }
            canvas.setColor(pass == 0 ? new Color(30, 30, 34, 90) : new Color(196, 200, 206));
            canvas.setStroke(new BasicStroke(pass == 0 ? 14 : 8));
            canvas.draw(coil);
        }
    }

    private void ripple() {
        surface((x, y) -> {
            var wave = Math.sin((x + 0.12 * y) / 34) + 0.5 * Math.sin(Math.hypot(x - 300, y - 1500) / 30);
            var light = 1.15 - Math.hypot(x - 800, y - 560) / 1500;
            return grey((120 + 46 * wave + 18 * grain(x, y, 60)) * light, 0.86, 0.97, 1.05);
        });
        var canvas = canvas();
        canvas.setColor(new Color(28, 30, 34));
        canvas.setStroke(new BasicStroke(90));
        canvas.drawRect(10, 10, WIDTH - 20, HEIGHT - 20);
        canvas.setColor(new Color(90, 94, 100));
        canvas.fillRect(60, 200, 46, 800);
    }

    private void jar() {
        surface((x, y) -> y > 860 ? wood(x, y) : grey(196 - 0.05 * x + 10 * grain(x, y, 90), 0.95, 0.97, 1));
        var canvas = canvas();
        canvas.setPaint(
                new GradientPaint(560, 200, new Color(255, 255, 255, 40), 1080, 900, new Color(120, 150, 160, 90)));
        canvas.fillRoundRect(560, 180, 520, 720, 360, 360);
        canvas.setColor(new Color(255, 255, 255, 150));
        canvas.setStroke(new BasicStroke(10));
        canvas.drawArc(590, 230, 300, 560, 110, 90);
        canvas.setColor(new Color(60, 70, 74));
        canvas.setStroke(new BasicStroke(6));
        canvas.drawRoundRect(560, 180, 520, 720, 360, 360);
        canvas.setPaint(new GradientPaint(740, 480, new Color(250, 220, 130), 900, 640, new Color(130, 90, 20)));
        canvas.fill(new Ellipse2D.Double(730, 470, 180, 150));
        canvas.setColor(new Color(40, 40, 44));
        canvas.fillRoundRect(500, 880, 640, 60, 20, 20);
        canvas.fillRoundRect(120, 760, 260, 170, 30, 30);
        canvas.setStroke(new BasicStroke(20));
        canvas.drawArc(280, 800, 320, 160, 180, 160);
    }

    private void wall() {
        surface((x, y) -> {
            var floor = 820 + 0.08 * x;
            if (y > floor) {
                return grey(126 + 40 * grain(x, y, 7) + 14 * grain(x, y, 120), 1, 0.99, 0.96);
            }
            var row = (int) (y / 46);
            var isMortar = y % 46 < 6 || (x + (row % 2) * 60) % 120 < 6;
            var tone = 0.8 + 0.4 * noise[(row * 37 + (int) ((x + (row % 2) * 60) / 120) * 11) & 0xFFFF];
            return isMortar
                    ? grey(176 + 20 * grain(x, y, 9), 1, 0.98, 0.94)
                    : grey((128 + 26 * grain(x, y, 14)) * tone, 1.22, 0.82, 0.68);
        });
        var canvas = canvas();
        canvas.setColor(new Color(20, 20, 20, 90));
        canvas.fill(new Ellipse2D.Double(960, 1060, 420, 60));
        canvas.setColor(new Color(235, 190, 40));
        canvas.setStroke(new BasicStroke(26));
        canvas.draw(new Ellipse2D.Double(1000, 760, 320, 320));
        canvas.setColor(new Color(60, 60, 64));
        canvas.setStroke(new BasicStroke(18));
        canvas.drawLine(1160, 920, 760, 300);
        canvas.setStroke(new BasicStroke(6));
        canvas.drawLine(1160, 920, 1160, 770);
        canvas.drawLine(1160, 920, 1290, 990);
    }

    private void mirror() {
        surface((x, y) -> grey(232 - 0.03 * x + 8 * grain(x, y, 3) - 14 * grain(x, y, 300), 1, 0.99, 0.95));
        var canvas = canvas();
        canvas.setColor(new Color(90, 100, 108));
        canvas.fillRect(180, 520, 1240, 34);
        canvas.setPaint(new GradientPaint(180, 480, new Color(210, 226, 232), 1420, 560, new Color(150, 172, 182)));
        canvas.fillRect(180, 486, 1240, 36);
        canvas.setStroke(new BasicStroke(3));
        canvas.setColor(new Color(60, 66, 80));
        canvas.drawLine(500, 1060, 800, 540);
        canvas.drawLine(800, 540, 1100, 1060);
        canvas.setStroke(new BasicStroke(3, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 1, new float[] {18, 12}, 0));
        canvas.drawLine(800, 1080, 800, 300);
        for (var pin : new int[][] {{500, 1060}, {620, 852}, {1100, 1060}, {980, 852}, {500, 60}}) {
            canvas.setColor(new Color(0, 0, 0, 60));
            canvas.setStroke(new BasicStroke(8));
            canvas.drawLine(pin[0], pin[1], pin[0] + 70, pin[1] + 26);
            canvas.setColor(new Color(190, 40, 40));
            canvas.fill(new Ellipse2D.Double(pin[0] - 16, pin[1] - 16, 32, 32));
        }
    }

    private void prism() {
        surface((x, y) -> grey(26 + 10 * grain(x, y, 40), 0.9, 1, 1.2));
        var canvas = canvas();
        for (var band = 0; band < 120; band++) {
            var glow = new Path2D.Double();
            glow.moveTo(860, 560);
            glow.lineTo(1600, 560 + band * 4.4);
            glow.lineTo(1600, 566 + band * 4.4);
            canvas.setColor(withAlpha(Color.getHSBColor(band / 155f, 0.95f, 1), 130));
            canvas.fill(glow);
        }
        canvas.setColor(new Color(255, 255, 250, 220));
        canvas.setStroke(new BasicStroke(12));
        canvas.drawLine(0, 760, 720, 590);
        var glass = new Path2D.Double();
        glass.moveTo(790, 360);
        glass.lineTo(1000, 760);
        glass.lineTo(580, 760);
        glass.closePath();
        canvas.setPaint(
                new GradientPaint(580, 360, new Color(220, 240, 250, 110), 1000, 760, new Color(90, 130, 160, 120)));
        canvas.fill(glass);
        canvas.setColor(new Color(235, 250, 255, 200));
        canvas.setStroke(new BasicStroke(5));
        canvas.draw(glass);
    }

    private void river() {
        surface((x, y) -> {
            if (y < 330 + 40 * Math.sin(x / 210)) {
                return new double[] {176 + y / 9, 198 + y / 12, 214 + 14 * grain(x, y, 160)};
            }
            var depth = (y - 300) / 900;
            var middle = 800 + 320 * Math.sin(y / 170.0) * (1 - depth * 0.3);
            var isWater = Math.abs(x - middle) < 90 + 300 * depth;
            return isWater
                    ? grey(96 + 60 * grain(x / 3, y * 1.6, 26) + 30 * depth, 0.78, 0.96, 1.02)
                    : grey(92 + 64 * grain(x, y, 16) + 20 * grain(x, y, 90), 0.82, 1.06, 0.5);
        });
    }

    private void coast(boolean withCliff) {
        surface((x, y) -> {
            var shore = 760 + 60 * Math.sin(x / 260) + 24 * grain(x, y, 70);
            var cliffFoot = 720 - 0.1 * x;
            if (withCliff && x < 900 + 160 * grain(x, y, 80) && y > 210 + 0.22 * x && y < cliffFoot + 120) {
                var layer = Math.sin((y + 0.18 * x) / 17) * 20;
                return grey(148 + layer + 50 * grain(x, y, 12), 1.1, 0.94, 0.76);
            }
            if (y < 430) {
                return new double[] {150 + y / 6, 180 + y / 8, 206 + 16 * grain(x, y, 190)};
            }
            if (y < shore) {
                var foam = Math.sin(y / 13 + 3 * grain(x, y, 120)) > 0.86 && y > 560 ? 90 : 0;
                return grey(86 + 40 * grain(x / 3, y * 2, 22) + foam, 0.72, 0.98, 1.06);
            }
            return grey(176 + 22 * grain(x, y, 6) - 26 * grain(x, y, 240), 1.1, 0.98, 0.78);
        });
        if (!withCliff) {
            var canvas = canvas();
            canvas.setPaint(new GradientPaint(0, 860, new Color(178, 178, 170), 0, 1200, new Color(120, 120, 116)));
            var wall = new Path2D.Double();
            wall.moveTo(0, 830);
            wall.curveTo(420, 900, 620, 1000, 700, 1200);
            wall.lineTo(0, 1200);
            canvas.fill(wall);
            canvas.setColor(new Color(210, 60, 40));
            for (var pole = 0; pole < 4; pole++) {
                canvas.fillRect(980 + pole * 130, 700 + pole * 30, 16, 190 + pole * 24);
            }
        }
    }

    private void paper(boolean isScore) {
        surface(this::wood);
        var canvas = canvas();
        canvas.rotate(Math.toRadians(-3 + 6 * random.nextDouble()), 800, 600);
        canvas.setColor(new Color(0, 0, 0, 70));
        canvas.fillRect(236, 96, 1160, 1060);
        canvas.setPaint(new GradientPaint(220, 80, new Color(250, 247, 238), 1380, 1140, new Color(206, 200, 186)));
        canvas.fillRect(220, 80, 1160, 1060);
        if (isScore) {
            score(canvas);
            return;
        }
        canvas.setColor(new Color(150, 176, 196, 150));
        for (var y = 170; y < 1120; y += 58) {
            canvas.fillRect(220, y, 1160, 2);
        }
        var lines = new String[] {
            "radio   long waves",
            "microwave   phones",
            "infrared   heat",
            "visible   7 colours",
            "ultraviolet   skin",
            "x-ray   bones",
            "gamma   short waves",
            "all at 300 000 km/s"
        };
        for (var line = 0; line < lines.length; line++) {
            write(canvas, 290, 220 + line * 116, lines[line]);
        }
    }

    private void score(Graphics2D canvas) {
        for (var system = 0; system < 5; system++) {
            for (var line = 0; line < 5; line++) {
                canvas.setColor(new Color(40, 40, 40));
                canvas.fillRect(280, 160 + system * 190 + line * 20, 1040, 2);
            }
            for (var note = 0; note < 16; note++) {
                var y = 160 + system * 190 + 10 * random.nextInt(9);
                canvas.fill(new Ellipse2D.Double(330 + note * 61, y - 9, 26, 19));
                canvas.fillRect(353 + note * 61, y - 72, 4, 72);
            }
        }
        canvas.setColor(new Color(200, 60, 40, 170));
        canvas.setStroke(new BasicStroke(8));
        canvas.draw(new Ellipse2D.Double(520, 320, 330, 150));
        canvas.draw(new Ellipse2D.Double(880, 700, 280, 150));
    }

    private void string() {
        surface((x, y) -> y > 260 && y < 940 ? grey(96 + 40 * grain(x / 9, y, 12), 1.2, 0.82, 0.52) : wood(x, y));
        var canvas = canvas();
        for (var line = 0; line < 6; line++) {
            canvas.setColor(new Color(0, 0, 0, 80));
            canvas.fillRect(0, 344 + line * 104, WIDTH, 6 + line);
            canvas.setColor(new Color(214, 208, 190));
            canvas.fillRect(0, 334 + line * 104, WIDTH, 4 + line);
        }
        canvas.setColor(new Color(190, 186, 172));
        for (var x : new int[] {220, 560, 880, 1180, 1460}) {
            canvas.fillRect(x, 262, 14, 676);
        }
        canvas.setColor(new Color(250, 246, 210));
        canvas.fillRoundRect(830, 150, 60, 90, 12, 12);
    }

    private void write(Graphics2D canvas, double x, double y, String words) {
        canvas.setColor(new Color(30, 40, 90));
        for (var stroke : new Pen(WIDTH, HEIGHT, random.nextLong())
                .with("#1E285A", 8)
                .words(x, y, 44, words)
                .drawing()
                .strokes()) {
            var path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            for (var ring : Outline.of(stroke).rings()) {
                path.moveTo(ring.getFirst().x(), ring.getFirst().y());
                ring.forEach(corner -> path.lineTo(corner.x(), corner.y()));
            }
            canvas.fill(path);
        }
    }

    private double[] wood(double x, double y) {
        return grey(118 + 46 * grain(x / 14, y, 16) + 10 * Math.sin(y / 9 + 4 * grain(x, y, 200)), 1.2, 0.94, 0.68);
    }

    private void surface(Surface surface) {
        each((x, y) -> {
            var colour = surface.at(x, y);
            return rgb(colour[0], colour[1], colour[2]);
        });
    }

    /** Darker corners and the grain of a small sensor. */
    private void develop() {
        each((x, y) -> {
            var light = 1.05 - 0.32 * Math.pow(Math.hypot(x - 800, y - 600) / 1000, 2.4);
            var dust = 7 * (noise[(x * 131 + y * 197) & 0xFFFF] - 0.5);
            var colour = dots[y * WIDTH + x];
            return rgb(
                    (colour >> 16 & 255) * light + dust,
                    (colour >> 8 & 255) * light + dust,
                    (colour & 255) * light + dust);
        });
    }

    /** Sets every dot, on all cores. */
    private void each(IntBinaryOperator colour) {
        IntStream.range(0, HEIGHT).parallel().forEach(y -> {
            for (var x = 0; x < WIDTH; x++) {
                dots[y * WIDTH + x] = colour.applyAsInt(x, y);
            }
        });
    }

    /** Smooth noise from 0 to 1 whose features are about {@code size} px large. */
    private double grain(double x, double y, double size) {
        var gx = x / size;
        var gy = y / size;
        var x0 = (int) Math.floor(gx);
        var y0 = (int) Math.floor(gy);
        var fx = gx - x0;
        var fy = gy - y0;
        var top = lattice(x0, y0) * (1 - fx) + lattice(x0 + 1, y0) * fx;
        var bottom = lattice(x0, y0 + 1) * (1 - fx) + lattice(x0 + 1, y0 + 1) * fx;
        return top * (1 - fy) + bottom * fy;
    }

    private double lattice(int x, int y) {
        return noise[(x & 255) << 8 | y & 255];
    }

    private static double[] grey(double light, double red, double green, double blue) {
        return new double[] {light * red, light * green, light * blue};
    }

    private Graphics2D canvas() {
        var canvas = image.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        return canvas;
    }

    private static Color withAlpha(Color colour, int alpha) {
        return new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha);
    }

    private static int rgb(double red, double green, double blue) {
        return channel(red) << 16 | channel(green) << 8 | channel(blue);
    }

    private static int channel(double value) {
        return Math.clamp((int) value, 0, 255);
    }
}
