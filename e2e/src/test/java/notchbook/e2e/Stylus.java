package notchbook.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** A pen on the drawing surface: it presses and leans, as a mouse does not. Places are shares of the surface. */
final class Stylus {
    private final Page page;
    private final Locator surface;
    private final CDPSession session;
    private double x;
    private double y;

    Stylus(Page page) {
        this.page = page;
        this.surface = page.getByLabel("Drawing surface");
        this.session = page.context().newCDPSession(page);
    }

    Stylus down(double toX, double toY, double pressure) {
        x = toX;
        y = toY;
        return send("mousePressed", pressure, 1);
    }

    /** Goes there in steps of a few px. */
    Stylus to(double toX, double toY, double pressure) {
        var fromX = x;
        var fromY = y;
        for (var step = 1; step <= 20; step++) {
            x = fromX + (toX - fromX) * step / 20;
            y = fromY + (toY - fromY) * step / 20;
            send("mouseMoved", pressure, 1);
        }
        return this;
    }

    /** Stays where it is, by a clock that stands otherwise, until a stroke becomes a figure. */
    Stylus still() {
        page.clock().runFor(900);
        return this;
    }

    Stylus up() {
        return send("mouseReleased", 0, 0);
    }

    private Stylus send(String type, double pressure, int buttons) {
        var box = surface.boundingBox();
        var event = new JsonObject();
        event.addProperty("type", type);
        event.addProperty("x", box.x + x * box.width);
        event.addProperty("y", box.y + y * box.height);
        event.addProperty("button", "left");
        event.addProperty("buttons", buttons);
        event.addProperty("clickCount", 1);
        event.addProperty("pointerType", "pen");
        event.addProperty("force", pressure);
        event.addProperty("tiltX", 50);
        session.send("Input.dispatchMouseEvent", event);
        return this;
    }
}
