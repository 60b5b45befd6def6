package notchbook.core.notebook;

import static java.util.Comparator.comparingInt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The sections of a notebook as a tree; moving one keeps it a tree. */
public record SectionTree(List<SectionPlace> places) {
    public SectionTree {
        places = List.copyOf(places);
    }

    /** Sections directly below a parent (none for the top level), in their order. */
    public List<UUID> childrenOf(Optional<UUID> parent) {
        return places.stream()
                .filter(place -> place.parent().equals(parent))
                .sorted(comparingInt(SectionPlace::position))
                .map(SectionPlace::id)
                .toList();
    }

    /** A section and everything below it, the section first. */
    public Stream<UUID> branch(UUID id) {
        return Stream.concat(Stream.of(id), childrenOf(Optional.of(id)).stream().flatMap(this::branch));
    }

    /** Whether a section may be put below {@code parent}: never below itself. */
    public boolean canMove(UUID id, Optional<UUID> parent) {
        return parent.isEmpty() || branch(id).noneMatch(parent.get()::equals);
    }

    /**
     * The tree with one section moved below {@code parent}, as its child number {@code position} (clamped to what is
     * there); siblings close up.
     */
    public SectionTree moved(UUID id, Optional<UUID> parent, int position) {
        if (!canMove(id, parent)) {
            throw new IllegalArgumentException("A section can't stand inside itself.");
        }
        var siblings = new ArrayList<>(childrenOf(parent));
        siblings.remove(id);
        siblings.add(Math.clamp(position, 0, siblings.size()), id);
        var others = places.stream().filter(place -> !siblings.contains(place.id()));
        var placed = IntStream.range(0, siblings.size()).mapToObj(i -> new SectionPlace(siblings.get(i), parent, i));
        return new SectionTree(Stream.concat(others, placed).toList());
    }
}
