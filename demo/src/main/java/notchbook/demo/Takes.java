package notchbook.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.Stroke;
import notchbook.core.voice.About;
import notchbook.core.voice.Moment;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;

/** What the demo students noted of their recordings: what is said and when, a moment each, what was drawn meanwhile. */
final class Takes {
    /** Long enough for moments to be worth it, in ms. */
    private static final int LONG = 9_000;

    private Takes() {}

    /** Of a sound that began at a time (in ms since 1970) and lasts some ms. */
    static Take of(String words, long startedAt, long millis, Optional<UUID> about, OptionalLong poster) {
        var lines = lines(words, millis);
        var moments = lines.size() < 3 || millis < LONG
                ? List.<Moment>of()
                : List.of(new Moment(UUID.randomUUID(), lines.get(2).fromMillis(), "The point of it"));
        return new Take(
                moments,
                List.of(new Stretch(startedAt, millis)),
                new SpokenLines(lines),
                about.map(entry -> new About(entry, Optional.empty())),
                Optional.empty(),
                poster);
    }

    /** Sentence by sentence; each lasts as long as its letters ask for. */
    private static List<SpokenLine> lines(String words, long millis) {
        var lines = new ArrayList<SpokenLine>();
        var from = 0L;
        var letters = 0;
        for (var sentence : words.isEmpty() ? new String[0] : words.split("(?<=[.?]) ")) {
            letters += sentence.length() + 1;
            var to = millis * letters / (words.length() + 1);
            lines.add(new SpokenLine(from, to, sentence));
            from = to;
        }
        return lines;
    }

    /** A drawing of which each stroke was begun while somebody talked, one after the other. */
    static Drawing drawnDuring(Drawing drawing, long startedAt, long millis) {
        var strokes = drawing.strokes();
        return new Drawing(
                drawing.width(),
                drawing.height(),
                IntStream.range(0, strokes.size())
                        .mapToObj(i -> at(strokes.get(i), startedAt + millis * (9L * i + 4) / (10L * strokes.size())))
                        .toList());
    }

    private static Stroke at(Stroke stroke, long madeAt) {
        return new Stroke(stroke.tool(), stroke.colour(), stroke.width(), stroke.points(), OptionalLong.of(madeAt));
    }
}
