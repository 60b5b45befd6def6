package notchbook.core.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * All runs of words in some lines, so that the longest one that another line shares is found in one pass over it: a
 * suffix automaton over words (Blumer et al., 1985), whose size and cost grow with the number of words alone.
 */
final class WordRuns {
    /** The runs that end in the same places: the longest has {@code length} words, {@code shorter} has the others. */
    private static final class State {
        int length;
        State shorter;
        Map<String, State> next = new HashMap<>();

        State(int length, State shorter) {
            this.length = length;
            this.shorter = shorter;
        }
    }

    /** A run of {@code length} words that ends before the word number {@code end}. */
    record Span(int end, int length) {}

    private final State root = new State(0, null);

    void add(List<String> line) {
        var last = root;
        for (var word : line) {
            last = extend(last, word);
        }
    }

    /** The longest run of a line that one of the added lines has too, the first of equals; of no words if there is none. */
    Span longestIn(List<String> line) {
        var longest = new Span(0, 0);
        var state = root;
        var length = 0;
        for (var i = 0; i < line.size(); i++) {
            while (state != root && !state.next.containsKey(line.get(i))) {
                state = state.shorter;
                length = state.length;
            }
            if (state.next.containsKey(line.get(i))) {
                state = state.next.get(line.get(i));
                length++;
            }
            longest = length > longest.length() ? new Span(i + 1, length) : longest;
        }
        return longest;
    }

    private State extend(State last, String word) {
        var known = last.next.get(word);
        if (known != null) {
            return known.length == last.length + 1 ? known : split(last, known, word);
        }
        var added = new State(last.length + 1, root);
        var state = last;
        while (state != null && !state.next.containsKey(word)) {
            state.next.put(word, added);
            state = state.shorter;
        }
        if (state != null) {
            var there = state.next.get(word);
            added.shorter = there.length == state.length + 1 ? there : split(state, there, word);
        }
        return added;
    }

    private static State split(State from, State there, String word) {
        var copy = new State(from.length + 1, there.shorter);
        copy.next = new HashMap<>(there.next);
        there.shorter = copy;
        for (var state = from; state != null && state.next.get(word) == there; state = state.shorter) {
            state.next.put(word, copy);
        }
        return copy;
    }
}
