package notchbook.core.notebook;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Where a page is not yet what its pattern asks for (docs/rules.md, Ready to hand in), in words. */
public record Gap(Zone zone, String words) {
    /** The gaps of a page, in the order of its zones. */
    public static List<Gap> in(Pattern pattern, List<ZoneContent> contents) {
        var gaps = new ArrayList<Gap>();
        for (var zone : pattern.zones()) {
            var inside = inside(pattern, zone, contents);
            wordGap(zone, inside).ifPresent(gaps::add);
            kindGap(zone, inside).ifPresent(gaps::add);
        }
        return gaps;
    }

    /** Those of them that ask for a kind that is not there, such as a recording: what can be told without reading a word. */
    public static List<Gap> ofKinds(Pattern pattern, List<ZoneContent> contents) {
        return pattern.zones().stream()
                .flatMap(zone -> kindGap(zone, inside(pattern, zone, contents)).stream())
                .toList();
    }

    private static List<ZoneContent> inside(Pattern pattern, Zone zone, List<ZoneContent> contents) {
        return contents.stream()
                .filter(content -> pattern.zoneOf(content.zone()).equals(zone))
                .filter(content -> !content.isEmpty())
                .toList();
    }

    private static Optional<Gap> kindGap(Zone zone, List<ZoneContent> inside) {
        var isThere = zone.kinds().isEmpty()
                || inside.stream().anyMatch(content -> zone.kinds().contains(content.kind()));
        return isThere ? Optional.empty() : Optional.of(new Gap(zone, "has no " + names(zone)));
    }

    private static Optional<Gap> wordGap(Zone zone, List<ZoneContent> inside) {
        var count = inside.stream().mapToInt(ZoneContent::words).sum();
        return zone.words()
                .filter(range -> !range.contains(count))
                .map(range -> new Gap(
                        zone, "has %d words, it asks for %d to %d".formatted(count, range.least(), range.most())));
    }

    private static String names(Zone zone) {
        return zone.kinds().stream()
                .sorted()
                .map(kind -> switch (kind) {
                    case TYPED -> "typed text";
                    case HANDWRITTEN -> "drawing";
                    default -> kind.name().toLowerCase(Locale.ROOT);
                })
                .collect(Collectors.joining(" or "));
    }
}
