package notchbook.core.remark;

import java.util.Optional;
import notchbook.core.remark.Anchor.OnEntry;
import notchbook.core.remark.Anchor.OnMoment;
import notchbook.core.remark.Anchor.OnSpot;
import notchbook.core.remark.Anchor.OnWords;
import notchbook.core.remark.Anchor.Whole;
import notchbook.core.version.Differences;
import notchbook.core.version.EntryChange;
import notchbook.core.version.Span;
import notchbook.core.version.TextChange;
import notchbook.core.version.Version;
import notchbook.core.version.Version.Entry;

/**
 * Where what a remark is about stands in a later version (docs/rules.md, Differences of versions). A remark goes with its
 * entry, words, spot or moment.
 */
public sealed interface Carried {
    /** It is there; {@code isChanged} when something changed at it. */
    record Here(Anchor anchor, boolean isChanged) implements Carried {}

    /** It is no longer there; {@code entry} is, where only its words, picture or sound are gone. */
    record Gone(Optional<Anchor> entry) implements Carried {}

    /** Whether something was done about it: it changed, or is gone. */
    default boolean isTouched() {
        return !(this instanceof Here here) || here.isChanged();
    }

    static Carried of(Anchor anchor, Version before, Version after) {
        if (anchor instanceof Whole) {
            return new Here(anchor, Differences.between(before, after).count() > 0);
        }
        var old = anchor.on().map(before.byId()::get);
        var now = anchor.on().map(after.byId()::get);
        if (old.isEmpty() || now.isEmpty()) {
            return new Gone(Optional.empty());
        }
        return carry(anchor, old.get(), now.get());
    }

    private static Carried carry(Anchor anchor, Entry old, Entry now) {
        var isChanged = Differences.of(old, now).kind() != EntryChange.Kind.SAME;
        return switch (anchor) {
            case Whole whole -> new Here(whole, isChanged);
            case OnEntry entry -> new Here(entry, isChanged);
            case OnWords words -> words(words, old, now);
            case OnSpot spot -> spot(spot, old, now, isChanged);
            case OnMoment moment -> isSameSound(old, now) ? new Here(moment, isChanged) : gone(now);
        };
    }

    private static Carried gone(Entry now) {
        return new Gone(Optional.of(new OnEntry(now.id())));
    }

    private static Carried words(OnWords words, Entry old, Entry now) {
        if (!(old.matter() instanceof Version.Text was && now.matter() instanceof Version.Text is)) {
            return gone(now);
        }
        return TextChange.of(was.words(), is.words())
                .carry(words.span())
                .map(span -> span.stripped(is.words()))
                .filter(span -> span.length() > 0)
                .<Carried>map(span -> here(words, span, is.words()))
                .orElseGet(() -> gone(now));
    }

    private static Here here(OnWords old, Span span, String text) {
        var quote = span.of(text);
        return new Here(new OnWords(old.entry(), span, quote), !quote.equals(old.quote()));
    }

    /** A spot goes with its picture, wherever in the set that stands now; on a drawing it stays where it is. */
    private static Carried spot(OnSpot spot, Entry old, Entry now, boolean isChanged) {
        if (!(old.matter() instanceof Version.Pictures was && now.matter() instanceof Version.Pictures is)) {
            return new Here(spot, isChanged);
        }
        if (spot.picture() >= was.pictures().size()) {
            return gone(now);
        }
        var picture = was.pictures().get(spot.picture());
        for (var place = 0; place < is.pictures().size(); place++) {
            var candidate = is.pictures().get(place);
            if (candidate.digest().equals(picture.digest())) {
                return new Here(new OnSpot(now.id(), place, spot.x(), spot.y()), !candidate.equals(picture));
            }
        }
        return gone(now);
    }

    private static boolean isSameSound(Entry old, Entry now) {
        return old.matter() instanceof Version.Other was
                && now.matter() instanceof Version.Other is
                && was.digest().equals(is.digest());
    }
}
