package notchbook.demo;

import static notchbook.demo.Pen.BLUE;
import static notchbook.demo.Pen.INK;
import static notchbook.demo.Pen.RED;

import notchbook.core.ink.Drawing;

/** The drawings of the demo notebooks, by subject. */
final class Sketches {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 360;

    private Sketches() {}

    static Drawing of(String subject, long seed) {
        var pen = new Pen(WIDTH, HEIGHT, seed);
        return switch (subject) {
            case "transverse" ->
                pen.with(BLUE, 5)
                        .curve(40, 420, x -> 90 + 45 * Math.sin((x - 40) / 38))
                        .with(RED, 4)
                        .arrow(440, 90, 520, 90)
                        .arrow(230, 90, 230, 40)
                        .with(INK, 4)
                        .words(440, 60, 22, "travel")
                        .words(245, 52, 18, "swing")
                        .with(BLUE, 4)
                        .line(40, 250, 40, 290)
                        .line(60, 250, 60, 290)
                        .line(78, 250, 78, 290)
                        .line(110, 250, 110, 290)
                        .line(150, 250, 150, 290)
                        .line(182, 250, 182, 290)
                        .line(200, 250, 200, 290)
                        .line(216, 250, 216, 290)
                        .line(246, 250, 246, 290)
                        .line(290, 250, 290, 290)
                        .line(322, 250, 322, 290)
                        .line(340, 250, 340, 290)
                        .line(356, 250, 356, 290)
                        .line(390, 250, 390, 290)
                        .with(RED, 4)
                        .arrow(440, 270, 520, 270)
                        .with(INK, 4)
                        .words(150, 335, 20, "compression")
                        .drawing();
            case "wave", "octave" ->
                pen.with(INK, 3.5)
                        .arrow(40, 180, 610, 180)
                        .arrow(40, 330, 40, 30)
                        .with(BLUE, 5)
                        .curve(40, 590, x -> 180 - 90 * Math.sin((x - 40) / (subject.equals("wave") ? 52 : 26)))
                        .with(RED, 4)
                        .arrow(122, 70, 448, 70)
                        .with(INK, 4)
                        .words(230, 55, 20, subject.equals("wave") ? "wavelength" : "twice as many")
                        .with(RED, 4)
                        .arrow(122, 178, 122, 92)
                        .with(INK, 4)
                        .words(135, 140, 18, "amplitude")
                        .drawing();
            case "fronts" -> {
                for (var x = 60; x < 300; x += 34) {
                    pen.with(BLUE, 4).line(x, 60, x + 4, 300);
                }
                for (var x = 350; x < 600; x += 20) {
                    pen.with(BLUE, 4).line(x, 60, x + 3, 300);
                }
                yield pen.with(INK, 4)
                        .words(90, 345, 22, "slow")
                        .words(420, 345, 22, "fast")
                        .with(RED, 4)
                        .dashed(325, 40, 325, 320)
                        .drawing();
            }
            case "particles" -> {
                for (var i = 0; i < 60; i++) {
                    var x = 50 + (i % 15) * 36 + 12 * Math.sin((i % 15) * 0.9);
                    pen.with(BLUE, 4).arc(x, 80 + (i / 15) * 50, 7, 0, 360);
                }
                yield pen.with(RED, 4)
                        .arrow(60, 320, 310, 320)
                        .with(INK, 4)
                        .words(330, 330, 20, "pushed on")
                        .drawing();
            }
            case "echo" ->
                pen.with(INK, 7)
                        .line(540, 40, 544, 300)
                        .line(560, 38, 566, 302)
                        .with(INK, 4)
                        .words(505, 340, 20, "wall")
                        .with(BLUE, 4.5)
                        .curve(60, 520, x -> 120 + 14 * Math.sin(x / 18))
                        .curve(60, 520, x -> 200 + 12 * Math.sin(x / 20))
                        .with(RED, 4)
                        .arrow(80, 160, 500, 160)
                        .arrow(500, 240, 80, 240)
                        .with(INK, 4.5)
                        .words(120, 70, 26, "2 d = v t")
                        .highlight(110, 64, 300)
                        .words(120, 300, 22, "there and back")
                        .drawing();
            case "mirror" ->
                pen.with(INK, 6)
                        .line(80, 290, 560, 292)
                        .dashed(320, 290, 320, 40)
                        .with(RED, 5)
                        .arrow(120, 80, 318, 286)
                        .arrow(322, 286, 520, 84)
                        .with(BLUE, 4)
                        .arc(320, 290, 80, 226, 268)
                        .arc(320, 290, 80, 272, 314)
                        .with(INK, 4)
                        .words(270, 200, 20, "i")
                        .words(356, 200, 20, "r")
                        .words(335, 60, 18, "normal")
                        .drawing();
            case "block" ->
                pen.with(INK, 5)
                        .box(120, 110, 400, 140)
                        .with(RED, 5)
                        .arrow(60, 30, 230, 110)
                        .line(230, 110, 300, 250)
                        .arrow(300, 250, 460, 330)
                        .with(INK, 3)
                        .dashed(230, 50, 230, 180)
                        .dashed(300, 190, 300, 320)
                        .with(INK, 4)
                        .words(380, 190, 22, "glass")
                        .words(90, 330, 18, "bends to the normal")
                        .drawing();
            case "basin" ->
                pen.with(BLUE, 5)
                        .line(80, 40, 170, 120, 260, 180, 380, 220, 560, 300)
                        .line(260, 40, 250, 110, 260, 180)
                        .line(440, 60, 400, 140, 380, 220)
                        .line(120, 240, 200, 210, 262, 182)
                        .with(RED, 4)
                        .words(150, 80, 20, "1")
                        .words(275, 90, 20, "1")
                        .words(300, 175, 20, "2")
                        .words(430, 150, 20, "1")
                        .words(470, 240, 22, "2")
                        .with(INK, 3)
                        .arc(310, 180, 250, 150, 395)
                        .words(60, 345, 18, "watershed")
                        .drawing();
            case "profile" ->
                pen.with(INK, 4)
                        .arrow(60, 320, 610, 320)
                        .arrow(60, 320, 60, 40)
                        .with(BLUE, 5)
                        .curve(70, 590, x -> 310 - 240 * Math.exp(-(x - 70) / 150))
                        .with(INK, 4)
                        .words(90, 60, 18, "steep")
                        .words(440, 285, 18, "gentle")
                        .words(260, 350, 18, "distance")
                        .drawing();
            case "meander" ->
                pen.with(BLUE, 4)
                        .line(60, 110, 580, 112)
                        .with(INK, 6)
                        .curve(60, 580, x -> 112 + 170 * Math.pow((x - 60) / 520, 2) * (x < 540 ? 1 : (580 - x) / 40))
                        .with(RED, 4)
                        .arrow(540, 180, 590, 200)
                        .with(INK, 4)
                        .words(90, 90, 20, "slow")
                        .words(430, 90, 20, "fast, deep")
                        .words(70, 240, 18, "slip-off slope")
                        .drawing();
            case "fetch" ->
                pen.with(INK, 5)
                        .line(480, 20, 440, 90, 470, 170, 430, 250, 470, 340)
                        .with(BLUE, 4)
                        .arrow(60, 90, 400, 120)
                        .arrow(60, 160, 400, 180)
                        .arrow(60, 230, 400, 235)
                        .with(INK, 4)
                        .words(120, 70, 22, "fetch 900 km")
                        .words(490, 190, 20, "bay")
                        .drawing();
            case "drift" ->
                pen.with(INK, 4)
                        .curve(40, 600, x -> 90 + 6 * Math.sin(x / 30))
                        .with(RED, 4)
                        .line(70, 250, 150, 100, 150, 250, 230, 100, 230, 250, 310, 100, 310, 250, 390, 100)
                        .arrow(390, 100, 390, 250)
                        .with(BLUE, 5)
                        .arrow(60, 310, 420, 310)
                        .with(INK, 4)
                        .words(440, 320, 22, "drift")
                        .words(420, 150, 18, "swash")
                        .words(405, 220, 18, "backwash")
                        .drawing();
            case "stack" ->
                pen.with(INK, 5)
                        .line(30, 90, 180, 92, 184, 260)
                        .line(230, 260, 236, 130, 300, 126, 306, 260)
                        .line(250, 258, 262, 200, 286, 202, 292, 258)
                        .line(390, 260, 398, 140, 440, 142, 446, 260)
                        .line(520, 262, 530, 236, 566, 238, 574, 262)
                        .with(BLUE, 4)
                        .curve(30, 620, x -> 266 + 5 * Math.sin(x / 16))
                        .with(INK, 4)
                        .words(90, 320, 18, "cave")
                        .words(240, 320, 18, "arch")
                        .words(380, 320, 18, "stack")
                        .words(510, 320, 18, "stump")
                        .drawing();
            case "spit" ->
                pen.with(INK, 5)
                        .line(40, 60, 240, 80, 270, 40)
                        .with(BLUE, 5)
                        .curve(240, 520, x -> 84 + 0.0008 * (x - 240) * (x - 240))
                        .arc(500, 110, 40, 290, 420)
                        .with(RED, 4)
                        .arrow(60, 160, 320, 170)
                        .with(INK, 4)
                        .words(90, 210, 20, "drift")
                        .words(400, 80, 20, "spit")
                        .words(330, 250, 20, "salt marsh")
                        .drawing();
            case "contour" ->
                pen.with(BLUE, 5)
                        .line(50, 250, 130, 220, 200, 190, 270, 180, 330, 70, 400, 90, 470, 130, 560, 160)
                        .with(RED, 4)
                        .arrow(290, 175, 325, 85)
                        .with(INK, 4)
                        .words(360, 60, 20, "leap of a sixth")
                        .words(60, 310, 20, "steps")
                        .drawing();
            default -> staff(pen).drawing();
        };
    }

    private static Pen staff(Pen pen) {
        for (var line = 0; line < 5; line++) {
            pen.with(INK, 3).line(40, 120 + line * 26, 610, 122 + line * 26);
        }
        var heights = new int[] {210, 184, 158, 132, 158, 197, 171, 145};
        for (var note = 0; note < heights.length; note++) {
            var x = 110 + note * 62;
            pen.with(INK, 6)
                    .arc(x, heights[note], 10, 0, 360)
                    .arc(x, heights[note], 5, 0, 360)
                    .with(INK, 4)
                    .line(x + 11, heights[note], x + 12, heights[note] - 72);
        }
        return pen.with(RED, 4)
                .words(100, 60, 24, "i")
                .words(250, 60, 24, "iv")
                .words(400, 60, 24, "v")
                .words(540, 60, 24, "i");
    }
}
