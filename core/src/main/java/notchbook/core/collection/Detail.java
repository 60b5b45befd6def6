package notchbook.core.collection;

import java.util.List;
import java.util.UUID;

/** A named kind of value that the things of a collection have; a number may have a unit. */
public record Detail(UUID id, String name, DetailKind kind, String unit) {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_UNIT = 20;
    private static final int MOST_VALUES = 20;

    public Detail {
        name = name.strip();
        unit = kind == DetailKind.NUMBER ? unit.strip() : "";
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A detail needs a name of 1 to 60 characters.");
        }
        if (unit.length() > LONGEST_UNIT) {
            throw new IllegalArgumentException("A unit has up to 20 characters.");
        }
    }

    /** Values as they are kept, each once; refuses what is none of this kind, and several where one is asked for. */
    public List<String> read(List<String> typed) {
        var values = typed.stream()
                .filter(one -> !one.isBlank())
                .map(one -> kind.read(one)
                        .orElseThrow(() -> new IllegalArgumentException("“%s”: %s".formatted(name, kind.asks()))))
                .distinct()
                .toList();
        if (values.size() > 1 && !kind.holdsSeveral()) {
            throw new IllegalArgumentException("“%s” holds one value.".formatted(name));
        }
        if (values.size() > MOST_VALUES) {
            throw new IllegalArgumentException("“%s” holds up to 20 values.".formatted(name));
        }
        return values;
    }
}
