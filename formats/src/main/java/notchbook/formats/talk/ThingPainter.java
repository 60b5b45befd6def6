package notchbook.formats.talk;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import notchbook.core.ink.Outline;
import notchbook.core.ink.Outline.Corner;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;

/** Paints a thing in units of its surface; the same look that {@code LayerSvg} gives it in print. */
final class ThingPainter {
    private static final float HIGHLIGHTER = 0.4f;
    private static final Color DARK = new Color(0x17262D);
    private static final BasicStroke FRAME = new BasicStroke(2);
    private static final BasicStroke BOX = new BasicStroke(3);
    private static final int SPOT = 13;
    private static final int TIP = 4;
    private static final int ROOM = 5;

    /** Of a spot's number, in units: its size, and how far its feet are below the middle. */
    private static final float NUMBER_SIZE = 15;

    private static final int NUMBER_FEET = 5;

    /** From the top of a line to the feet of its letters, in sizes. */
    private static final double FEET = 0.95;

    private static final Font LETTERS = letters();

    private ThingPainter() {}

    static void paint(Graphics2D graphics, Thing thing) {
        switch (thing) {
            case Thing.Ink ink -> ink(graphics, ink.stroke());
            case Thing.Label label -> words(graphics, label.lettering());
            case Thing.Callout callout -> callout(graphics, callout);
            case Thing.Box box -> box(graphics, box);
            case Thing.Spot spot -> spot(graphics, spot);
        }
    }

    private static void ink(Graphics2D graphics, Stroke stroke) {
        var path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        Outline.of(stroke).rings().forEach(ring -> add(path, ring));
        Composite before = graphics.getComposite();
        if (stroke.tool() == Tool.HIGHLIGHTER) {
            graphics.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, HIGHLIGHTER));
        }
        graphics.setColor(Color.decode(stroke.colour()));
        graphics.fill(path);
        graphics.setComposite(before);
    }

    /** Curves from the middle of each side to the middle of the next, so that no corner of the outline is seen. */
    private static void add(Path2D path, List<Corner> ring) {
        var last = ring.getLast();
        path.moveTo(
                (last.x() + ring.getFirst().x()) / 2,
                (last.y() + ring.getFirst().y()) / 2);
        for (var i = 0; i < ring.size(); i++) {
            var corner = ring.get(i);
            var next = ring.get((i + 1) % ring.size());
            path.quadTo(corner.x(), corner.y(), (corner.x() + next.x()) / 2, (corner.y() + next.y()) / 2);
        }
        path.closePath();
    }

    private static void words(Graphics2D graphics, Lettering words) {
        graphics.setColor(Color.decode(words.colour()));
        graphics.setFont(LETTERS.deriveFont((float) words.size()));
        var top = words.at().y();
        for (var line : words.lines()) {
            graphics.drawString(line, (float) words.at().x(), (float) (top + FEET * words.size()));
            top += Lettering.LINE * words.size();
        }
    }

    private static void callout(Graphics2D graphics, Thing.Callout callout) {
        var words = callout.lettering();
        var colour = Color.decode(words.colour());
        var tip = callout.tip();
        graphics.setColor(colour);
        graphics.setStroke(FRAME);
        graphics.draw(new Line2D.Double(
                words.at().x() + words.width() / 2, words.at().y() + words.height() / 2, tip.x(), tip.y()));
        graphics.fill(disc(tip, TIP));
        var frame = new RoundRectangle2D.Double(
                words.at().x() - ROOM,
                words.at().y() - ROOM,
                words.width() + 2 * ROOM,
                words.height() + 2 * ROOM,
                2 * TIP,
                2 * TIP);
        graphics.setColor(colour.equals(Color.WHITE) ? DARK : Color.WHITE);
        graphics.fill(frame);
        graphics.setColor(colour);
        graphics.draw(frame);
        words(graphics, words);
    }

    private static void box(Graphics2D graphics, Thing.Box box) {
        var from = box.topLeft();
        var to = box.bottomRight();
        graphics.setColor(Color.decode(box.colour()));
        graphics.setStroke(BOX);
        graphics.draw(new RoundRectangle2D.Double(from.x(), from.y(), to.x() - from.x(), to.y() - from.y(), 6, 6));
    }

    private static void spot(Graphics2D graphics, Thing.Spot spot) {
        graphics.setColor(DARK);
        graphics.fill(disc(spot.at(), SPOT));
        graphics.setColor(Color.WHITE);
        graphics.setStroke(FRAME);
        graphics.draw(disc(spot.at(), SPOT));
        graphics.setFont(LETTERS.deriveFont(NUMBER_SIZE));
        var number = String.valueOf(spot.number());
        var width = graphics.getFontMetrics().stringWidth(number);
        graphics.drawString(
                number, (float) (spot.at().x() - width / 2.0), (float) spot.at().y() + NUMBER_FEET);
    }

    private static Ellipse2D disc(Place at, double radius) {
        return new Ellipse2D.Double(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius);
    }

    private static Font letters() {
        try (var file = ThingPainter.class.getResourceAsStream("/fonts/AtkinsonHyperlegible-Regular.ttf")) {
            return Font.createFont(Font.TRUETYPE_FONT, file);
        } catch (IOException | FontFormatException missing) {
            throw new UncheckedIOException(
                    "The letters that ship with Notchbook are missing.", new IOException(missing));
        }
    }
}
