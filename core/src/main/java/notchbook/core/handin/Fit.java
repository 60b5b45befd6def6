package notchbook.core.handin;

import static java.util.Comparator.comparing;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** Which pictures and sounds go out smaller so that a hand-in fits its size (docs/rules.md, Size). Sizes are in bytes. */
public record Fit(Set<UUID> smaller, long bytes) {
    /** Something that goes out: as large as it is, and as its smaller copy. */
    public record Part(UUID id, String name, long bytes, long small) {
        long saving() {
            return Math.max(0, bytes - small);
        }
    }

    /** As few as bring the whole within the budget: those that save most first, and nothing where it fits as it is. */
    public static Fit into(long budget, List<Part> parts) {
        var bytes = total(parts);
        var smaller = new HashSet<UUID>();
        for (var part : bySaving(parts)) {
            if (bytes <= budget || part.saving() == 0) {
                break;
            }
            smaller.add(part.id());
            bytes -= part.saving();
        }
        return new Fit(Set.copyOf(smaller), bytes);
    }

    public boolean fits(long budget) {
        return bytes <= budget;
    }

    static long total(List<Part> parts) {
        return parts.stream().mapToLong(Part::bytes).sum();
    }

    private static List<Part> bySaving(List<Part> parts) {
        return parts.stream().sorted(comparing(Part::saving).reversed()).toList();
    }
}
