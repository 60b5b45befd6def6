package notchbook.core.outline;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The numbers that went before, so that one can be told that goes on from them from one that happens to begin a line. */
final class Sequence {
    private final Set<List<String>> paths = new HashSet<>();
    private final Set<String> signs = new HashSet<>();
    private final Set<String> styles = new HashSet<>();

    void add(Marker marker) {
        styles.add(marker.style());
        switch (marker) {
            case Marker.Numbered numbered -> paths.add(numbered.path());
            case Marker.Sign sign -> {
                sign.asLetter().ifPresent(letter -> signs.add(key(sign, "letter", letter)));
                sign.asRoman().ifPresent(roman -> signs.add(key(sign, "roman", roman)));
            }
            case Marker.Named named -> paths.add(List.of(named.number()));
            case Marker.Bullet ignored -> {}
        }
    }

    boolean hasSeen(String style) {
        return styles.contains(style);
    }

    /** Whether a marker is the next of its kind, or the first. */
    boolean goesOn(Marker marker) {
        return switch (marker) {
            case Marker.Numbered numbered -> goesOn(numbered.path());
            case Marker.Sign sign -> isNext(sign);
            case Marker.Named ignored -> true;
            case Marker.Bullet ignored -> true;
        };
    }

    private boolean goesOn(List<String> path) {
        var above = path.subList(0, path.size() - 1);
        var last = path.getLast();
        var isFirst = Set.of("1", "0", "a", "i").contains(last.replaceAll("^[A-Z-]+(?=\\d)", ""));
        if (isFirst) {
            return path.size() == 1
                    ? paths.stream().noneMatch(seen -> seen.size() > 1)
                    : paths.contains(above) || paths.isEmpty();
        }
        return before(last)
                .map(one -> append(above, one))
                .filter(paths::contains)
                .isPresent();
    }

    private boolean isNext(Marker.Sign sign) {
        return sign.asLetter()
                        .filter(one -> one == 1 || signs.contains(key(sign, "letter", one - 1)))
                        .isPresent()
                || sign.asRoman()
                        .filter(one -> one == 1 || signs.contains(key(sign, "roman", one - 1)))
                        .isPresent();
    }

    private static String key(Marker.Sign sign, String kind, int value) {
        return sign.style() + kind + value;
    }

    private static List<String> append(List<String> above, String last) {
        var path = new ArrayList<>(above);
        path.add(last);
        return path;
    }

    private static Optional<String> before(String part) {
        if (part.matches("\\d+")) {
            return Optional.of(String.valueOf(Integer.parseInt(part) - 1));
        }
        if (part.matches("[b-z]")) {
            return Optional.of(String.valueOf((char) (part.charAt(0) - 1)));
        }
        return part.matches("[A-Z-]+\\d+")
                ? before(part.replaceAll("\\D", "")).map(one -> part.replaceAll("\\d", "") + one)
                : Optional.empty();
    }
}
