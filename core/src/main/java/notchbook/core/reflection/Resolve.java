package notchbook.core.reflection;

import java.util.Optional;

/** What a sheet says of the last intention, with its own words about it, and what it means to do next; each may be left open. */
public record Resolve(Optional<Outcome> outcome, String about, String next) {
    public static final Resolve NONE = new Resolve(Optional.empty(), "", "");

    private static final int LONGEST = 1_000;

    public Resolve {
        if (about.length() > LONGEST) {
            throw new IllegalArgumentException("Say what became of it in up to 1,000 characters.");
        }
        if (next.length() > Intention.LONGEST) {
            throw new IllegalArgumentException("Say what you mean to do in up to 500 characters.");
        }
    }

    public boolean isNothing() {
        return outcome.isEmpty() && about.isBlank() && next.isBlank();
    }
}
