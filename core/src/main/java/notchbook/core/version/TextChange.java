package notchbook.core.version;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import notchbook.core.text.WordChange;
import notchbook.core.text.Words;

/** How a text became another: stretches of the old one that went, of the new one that came, and what both share. */
public record TextChange(List<Span> gone, List<Span> come, int goneWords, int newWords, List<Kept> kept) {
    /** A stretch that stayed, where it stood and where it stands. */
    public record Kept(Span before, Span after) {}

    public static TextChange of(String before, String after) {
        var gone = new ArrayList<Span>();
        var come = new ArrayList<Span>();
        var kept = new ArrayList<Kept>();
        var goneText = new StringBuilder();
        var newText = new StringBuilder();
        var old = 0;
        var now = 0;
        for (var part : WordChange.of(before, after).parts()) {
            var length = part.text().length();
            var inOld = new Span(old, old + (part.kind() == WordChange.Kind.NEW ? 0 : length));
            var inNew = new Span(now, now + (part.kind() == WordChange.Kind.GONE ? 0 : length));
            switch (part.kind()) {
                case GONE -> {
                    gone.add(inOld);
                    goneText.append(part.text()).append('\n');
                }
                case NEW -> {
                    come.add(inNew);
                    newText.append(part.text()).append('\n');
                }
                case KEPT -> kept.add(new Kept(inOld, inNew));
            }
            old = inOld.to();
            now = inNew.to();
        }
        return new TextChange(
                gone, come, Words.count(goneText.toString()), Words.count(newText.toString()), List.copyOf(kept));
    }

    public boolean isNone() {
        return gone.isEmpty() && come.isEmpty();
    }

    /** Where a stretch of the old text stands now: from the first to the last of what is left of it. */
    public Optional<Span> carry(Span old) {
        var left = kept.stream()
                .map(part -> carried(part, old))
                .filter(span -> span.length() > 0)
                .toList();
        return left.isEmpty()
                ? Optional.empty()
                : Optional.of(new Span(left.getFirst().from(), left.getLast().to()));
    }

    private static Span carried(Kept part, Span old) {
        var shared = part.before().within(old);
        var shift = part.after().from() - part.before().from();
        return shared.length() == 0 ? new Span(0, 0) : new Span(shared.from() + shift, shared.to() + shift);
    }
}
