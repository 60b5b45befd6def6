package notchbook.formats.talk;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Optional;
import notchbook.core.layer.Thing;
import notchbook.core.talk.Talk;

/**
 * The pictures of a talk-through in order of time.
 *
 * <p>Design: things that lie undermost and are whole are painted once, onto a picture of their own; each frame is that picture
 * and the few things above it that are still being made. A picture in which nothing has changed is given again.
 */
public final class TalkFrames {
    /** Of the drawing paper, in units. */
    private static final int LINE_GAP = 40;

    private static final Color LINE = new Color(0xDFE8EA);

    private final Talk talk;
    private final double scale;
    private final BufferedImage settled;
    private final BufferedImage frame;
    private int settledCount;
    private int[] shown = {};

    /**
     * @param picture what lies under the things; empty for drawing paper
     * @param widthPx an even number; the height follows, made even too, as films want it
     */
    public TalkFrames(Talk talk, Optional<BufferedImage> picture, int widthPx) {
        this.talk = talk;
        scale = (double) widthPx / talk.width();
        var heightPx = Math.max(2, 2 * (int) Math.round(scale * talk.height() / 2));
        settled = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_3BYTE_BGR);
        frame = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_3BYTE_BGR);
        paint(settled, graphics -> under(graphics, picture));
    }

    public int widthPx() {
        return frame.getWidth();
    }

    public int heightPx() {
        return frame.getHeight();
    }

    private void under(Graphics2D graphics, Optional<BufferedImage> picture) {
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, talk.width(), talk.height() + 1);
        picture.ifPresentOrElse(
                image -> graphics.drawImage(image, 0, 0, talk.width(), talk.height(), null), () -> lines(graphics));
    }

    private void lines(Graphics2D graphics) {
        graphics.setColor(LINE);
        for (var y = LINE_GAP; y < talk.height(); y += LINE_GAP) {
            graphics.drawLine(0, y, talk.width(), y);
        }
    }

    /** The picture at a moment in ms, which may not lie before the last one asked for. It is painted over by the next. */
    public BufferedImage at(long millis) {
        var now = talk.through().shownAt(millis);
        if (Arrays.equals(now, shown)) {
            return frame;
        }
        shown = now;
        paint(settled, this::settle);
        settled.copyData(frame.getRaster());
        paint(frame, graphics -> {
            for (var i = settledCount; i < shown.length; i++) {
                paint(graphics, i);
            }
        });
        return frame;
    }

    private void settle(Graphics2D graphics) {
        while (settledCount < shown.length && shown[settledCount] == Integer.MAX_VALUE) {
            paint(graphics, settledCount++);
        }
    }

    private void paint(Graphics2D graphics, int i) {
        if (shown[i] >= 0) {
            ThingPainter.paint(graphics, begun(talk.things().get(i), shown[i]));
        }
    }

    /** As much of a stroke as is drawn after so many ms; anything else is there at once. */
    private static Thing begun(Thing thing, int millis) {
        if (!(thing instanceof Thing.Ink ink) || millis == Integer.MAX_VALUE) {
            return thing;
        }
        var points = ink.stroke().points();
        var drawn = points.stream().filter(point -> point.millis() <= millis).toList();
        return new Thing.Ink(
                ink.id(), ink.isLocked(), ink.stroke().along(drawn.isEmpty() ? points.subList(0, 1) : drawn));
    }

    private interface Painting {
        void on(Graphics2D graphics);
    }

    private void paint(BufferedImage image, Painting painting) {
        var graphics = image.createGraphics();
        try {
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            graphics.scale(scale, scale);
            painting.on(graphics);
        } finally {
            graphics.dispose();
        }
    }
}
