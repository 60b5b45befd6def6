package notchbook.app.collection;

import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import notchbook.core.link.ClipSpan;
import notchbook.core.source.Source;

/**
 * What its student says of a thing: why it was kept, under which heading it stands, its values by the detail, where it
 * comes from, whose it was before it was taken over, and which part of its clip plays.
 */
public record Told(
        String why, String heading, Map<UUID, List<String>> values, Source source, String takenFrom, ClipSpan played) {
    static final Told NOTHING = Told.of("", Map.of(), Source.UNKNOWN);

    /** What is known of a thing that comes in from elsewhere. */
    public static Told of(String heading, Map<UUID, List<String>> values, Source source) {
        return new Told("", heading, values, source, "", ClipSpan.WHOLE);
    }

    public List<String> of(UUID detail) {
        return values.getOrDefault(detail, List.of());
    }

    /** The same in another collection, where its details have other ids. */
    public Told copied(Predicate<UUID> isKnown, UnaryOperator<UUID> copyOf) {
        return new Told(
                why,
                heading,
                values.entrySet().stream()
                        .filter(one -> isKnown.test(one.getKey()))
                        .collect(toMap(one -> copyOf.apply(one.getKey()), Map.Entry::getValue)),
                source,
                takenFrom,
                played);
    }

    /** The same, kept for a reason. */
    public Told because(String otherWhy) {
        return new Told(otherWhy, heading, values, source, takenFrom, played);
    }

    Told from(String whose) {
        return new Told(why, heading, values, source, whose, played);
    }
}
