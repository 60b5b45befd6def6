package notchbook.core.talk;

import java.util.List;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import notchbook.core.voice.Take;

/**
 * A drawing that was made while somebody talked, to be played back with the voice. Each thing on it has the moment of the
 * sound at which it was begun, or one of {@link #BEFORE} and {@link #NEVER}, and how long its making took; in ms.
 */
public record TalkThrough(List<Made> things) {
    /** Was there when the recording began, or nobody knows when it was made. */
    public static final long BEFORE = -1;

    /** Was made when the recording was over: no part of what was said. */
    public static final long NEVER = Long.MAX_VALUE;

    /** What was begun within this of a step belongs to it, in ms: the strokes of a letter. */
    static final int ONE_STEP = 700;

    /** Going back within this after a step goes to the one before it, in ms: otherwise there would be no way further back. */
    public static final int JUST_BEGUN = 1_000;

    /** A thing of the drawing. */
    public record Made(long begun, long lasting) {
        /** From when it was made (in ms since 1970) and how long that took. */
        static Made in(Take take, Drawn drawn) {
            if (drawn.madeAtMillis().isEmpty()
                    || take.beginsAfter(drawn.madeAtMillis().getAsLong())) {
                return new Made(BEFORE, 0);
            }
            var moment = take.momentOf(drawn.madeAtMillis().getAsLong());
            return new Made(moment.orElse(NEVER), drawn.lastingMillis());
        }

        private boolean isSpoken() {
            return begun != BEFORE && begun != NEVER;
        }
    }

    /** When a thing was begun (in ms since 1970, where it is known) and how long it took to draw, in ms. */
    public record Drawn(OptionalLong madeAtMillis, long lastingMillis) {}

    public TalkThrough {
        things = List.copyOf(things);
    }

    public static TalkThrough of(Take take, List<Drawn> drawn) {
        return new TalkThrough(drawn.stream().map(thing -> Made.in(take, thing)).toList());
    }

    /** Whether anything was drawn while it was recorded. */
    public boolean isDrawn() {
        return things.stream().anyMatch(Made::isSpoken);
    }

    /**
     * How much of each thing is there at a moment: how many ms of its making, -1 where it is not begun, {@link
     * Integer#MAX_VALUE} where it is whole.
     */
    public int[] shownAt(long millis) {
        return things.stream().mapToInt(thing -> shown(thing, millis)).toArray();
    }

    private static int shown(Made thing, long millis) {
        if (thing.begun == BEFORE) {
            return Integer.MAX_VALUE;
        }
        if (thing.begun > millis) {
            return -1;
        }
        var made = millis - thing.begun;
        return made >= thing.lasting ? Integer.MAX_VALUE : (int) made;
    }

    /** The moments to step to, in order: at each something new is begun. */
    public long[] steps() {
        var begun = things.stream()
                .filter(Made::isSpoken)
                .mapToLong(Made::begun)
                .sorted()
                .toArray();
        var steps = LongStream.builder();
        var last = Long.MIN_VALUE / 2;
        for (var moment : begun) {
            if (moment - last > ONE_STEP) {
                steps.add(moment);
                last = moment;
            }
        }
        return steps.build().toArray();
    }

    /** The next step after a moment; empty behind the last. */
    public OptionalLong stepAfter(long millis) {
        return LongStream.of(steps()).filter(step -> step > millis).findFirst();
    }

    /** The step before a moment: of the one that has just begun, the one before; 0 before the first. */
    public long stepBefore(long millis) {
        return LongStream.of(steps())
                .filter(step -> step < millis - JUST_BEGUN)
                .max()
                .orElse(0);
    }
}
