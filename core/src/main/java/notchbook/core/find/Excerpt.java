package notchbook.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A piece of a text around what was found in it, cut at words, with what was found told apart. */
public record Excerpt(List<Part> parts) {
    /** As much as stands on two lines of a list, in characters. */
    private static final int LONGEST = 140;

    /** What may stand before the first match, in characters. */
    private static final int BEFORE = 40;

    /** Up to here all of a text is looked through, in characters. */
    private static final int SHORT = 8_000;

    /** Places that begin like a match and are none, before giving up. */
    private static final int MOST_TRIES = 40;

    public record Part(String text, boolean isMatch) {}

    /** The excerpt of a text for a query; its beginning when nothing of the query stands in it. */
    public static Excerpt of(String text, Query query) {
        return text.length() <= SHORT ? ofShort(text, query) : ofLong(text, query);
    }

    /** Around the first place that looks like a match: to tell all words of a book apart takes too long while typing. */
    private static Excerpt ofLong(String text, Query query) {
        var folded = text.toLowerCase(Locale.ROOT);
        for (var beginning : query.beginnings()) {
            var tries = 0;
            for (var at = folded.indexOf(beginning);
                    at >= 0 && tries < MOST_TRIES;
                    at = folded.indexOf(beginning, at + 1), tries++) {
                var piece = text.substring(
                        wordStart(text, at - SHORT / 4), wordEnd(text, Math.min(text.length(), at + SHORT / 2)));
                if (!query.found(piece).isEmpty()) {
                    return ofShort(piece, query);
                }
            }
        }
        return ofShort(text.substring(0, wordEnd(text, SHORT)), query);
    }

    private static Excerpt ofShort(String text, Query query) {
        var flat = text.replaceAll("\\s+", " ").strip();
        var found = query.found(flat);
        var from = found.isEmpty() ? 0 : wordStart(flat, found.getFirst().start() - BEFORE);
        var to = wordEnd(flat, from + LONGEST);
        var parts = new ArrayList<Part>();
        var at = from;
        for (var token : found) {
            if (token.start() >= at && token.end() <= to) {
                add(parts, flat.substring(at, token.start()), false);
                add(parts, flat.substring(token.start(), token.end()), true);
                at = token.end();
            }
        }
        add(parts, flat.substring(at, to), false);
        if (from > 0) {
            parts.addFirst(new Part("… ", false));
        }
        if (to < flat.length()) {
            parts.add(new Part(" …", false));
        }
        return new Excerpt(parts);
    }

    /** How often something of the query stands in it. */
    public long matches() {
        return parts.stream().filter(Part::isMatch).count();
    }

    private static void add(List<Part> parts, String text, boolean isMatch) {
        if (!text.isEmpty()) {
            parts.add(new Part(text, isMatch));
        }
    }

    private static int wordStart(String text, int at) {
        if (at <= 0) {
            return 0;
        }
        return text.indexOf(' ', at) < 0 ? 0 : text.indexOf(' ', at) + 1;
    }

    private static int wordEnd(String text, int at) {
        if (at >= text.length()) {
            return text.length();
        }
        var space = text.lastIndexOf(' ', at);
        return space <= 0 || at - space > BEFORE ? at : space;
    }
}
