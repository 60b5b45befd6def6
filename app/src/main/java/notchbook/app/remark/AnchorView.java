package notchbook.app.remark;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.core.remark.Anchor;
import notchbook.core.version.Span;

/** What a remark is about, as it is sent: which parts are there goes by what kind of thing that is. */
public record AnchorView(
        About about,
        Optional<UUID> entry,
        Optional<Integer> from,
        Optional<Integer> to,
        Optional<String> quote,
        Optional<Integer> picture,
        Optional<Double> x,
        Optional<Double> y,
        Optional<Long> atMillis) {
    public static AnchorView of(Anchor anchor) {
        var view = new AnchorView(
                About.of(anchor),
                anchor.on(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return switch (anchor) {
            case Anchor.Whole ignored -> view;
            case Anchor.OnEntry ignored -> view;
            case Anchor.OnWords words -> view.on(words);
            case Anchor.OnSpot spot -> view.on(spot);
            case Anchor.OnMoment moment -> view.on(moment);
        };
    }

    private AnchorView on(Anchor.OnWords words) {
        return new AnchorView(
                about,
                entry,
                Optional.of(words.span().from()),
                Optional.of(words.span().to()),
                Optional.of(words.quote()),
                picture,
                x,
                y,
                atMillis);
    }

    private AnchorView on(Anchor.OnSpot spot) {
        return new AnchorView(
                about,
                entry,
                from,
                to,
                quote,
                Optional.of(spot.picture()),
                Optional.of(spot.x()),
                Optional.of(spot.y()),
                atMillis);
    }

    private AnchorView on(Anchor.OnMoment moment) {
        return new AnchorView(about, entry, from, to, quote, picture, x, y, Optional.of(moment.atMillis()));
    }

    /** The anchor that was meant; what does not make one is refused. */
    public Anchor anchor() {
        try {
            return switch (about) {
                case WHOLE -> new Anchor.Whole();
                case ENTRY -> new Anchor.OnEntry(need(entry));
                case WORDS -> new Anchor.OnWords(need(entry), new Span(need(from), need(to)), need(quote));
                case SPOT -> new Anchor.OnSpot(need(entry), picture.orElse(0), need(x), need(y));
                case MOMENT -> new Anchor.OnMoment(need(entry), need(atMillis));
            };
        } catch (IllegalArgumentException misplaced) {
            throw Refusal.unfit(misplaced.getMessage());
        }
    }

    private static <T> T need(Optional<T> part) {
        return part.orElseThrow(() -> Refusal.unfit("Choose what the remark is about first."));
    }
}
