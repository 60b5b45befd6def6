package notchbook.core.scan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * The order of the photos of a set (docs/rules.md, Order of photos): by capture time in the file, else by number in the file's
 * name in natural order, else by page number read from the page (one or two may lack it), else as they arrived. The student's own order wins.
 */
public final class PhotoOrder {
    /** A cover and a blank back have no number; with more than that missing, numbers tell too little. */
    private static final int MOST_WITHOUT = 2;

    /** Two numbers may be in order by chance. */
    private static final int LEAST_WITH = 3;

    private PhotoOrder() {}

    /** Why the photos are in this order. */
    public enum Reason {
        OWN,
        CAPTURE_TIME,
        FILE_NAME,
        PAGE_NUMBER,
        ARRIVAL
    }

    /** What is known of a photo; {@code own} is the place that the student gave it, counted from 0. */
    public record Known(
            UUID id, Optional<Instant> capturedAt, String fileName, OptionalInt pageNumber, OptionalInt own) {}

    public record Ordered(List<UUID> ids, Reason reason) {}

    /** Orders photos that are given as they arrived. One rule orders all of a set: times and names are not mixed. */
    public static Ordered of(List<Known> arrived) {
        if (arrived.stream().anyMatch(photo -> photo.own().isPresent())) {
            return ordered(
                    arrived, Comparator.comparingInt(photo -> photo.own().orElse(Integer.MAX_VALUE)), Reason.OWN);
        }
        if (tells(arrived, Known::capturedAt)) {
            return ordered(
                    arrived, Comparator.comparing(photo -> photo.capturedAt().orElseThrow()), Reason.CAPTURE_TIME);
        }
        if (tells(arrived, photo -> NaturalName.of(photo.fileName()).number())) {
            return ordered(arrived, Comparator.comparing(photo -> NaturalName.of(photo.fileName())), Reason.FILE_NAME);
        }
        var numbered =
                arrived.stream().filter(photo -> photo.pageNumber().isPresent()).toList();
        var without = arrived.size() - numbered.size();
        if (tells(numbered, photo -> photo.pageNumber().stream().boxed().findFirst())
                && without <= MOST_WITHOUT
                && numbered.size() >= Math.min(arrived.size(), LEAST_WITH)) {
            return byPageNumber(arrived, numbered);
        }
        return ordered(arrived, (a, b) -> 0, Reason.ARRIVAL);
    }

    /** By page number; a photo without one goes right behind the one that it was taken after. */
    private static Ordered byPageNumber(List<Known> arrived, List<Known> numbered) {
        var order = new ArrayList<>(numbered.stream()
                .sorted(Comparator.comparingInt(photo -> photo.pageNumber().orElseThrow()))
                .toList());
        for (var i = 0; i < arrived.size(); i++) {
            var photo = arrived.get(i);
            if (photo.pageNumber().isEmpty()) {
                // Those that came before every numbered one stand before the first of these.
                var place = i > 0 ? order.indexOf(arrived.get(i - 1)) + 1 : order.indexOf(firstNumbered(arrived));
                order.add(place, photo);
            }
        }
        return new Ordered(order.stream().map(Known::id).toList(), Reason.PAGE_NUMBER);
    }

    private static Known firstNumbered(List<Known> arrived) {
        return arrived.stream()
                .filter(photo -> photo.pageNumber().isPresent())
                .findFirst()
                .orElseThrow();
    }

    /** Whether something is known of every photo and tells them apart: burst pictures of one second have one time. */
    private static <T> boolean tells(List<Known> photos, Function<Known, Optional<T>> what) {
        var values =
                photos.stream().flatMap(photo -> what.apply(photo).stream()).toList();
        return values.size() == photos.size() && values.stream().distinct().count() == photos.size();
    }

    private static Ordered ordered(List<Known> arrived, Comparator<Known> by, Reason reason) {
        return new Ordered(
                IntStream.range(0, arrived.size())
                        .mapToObj(arrived::get)
                        // The sort is stable, so what a rule does not tell apart stays as it arrived.
                        .sorted(by)
                        .map(Known::id)
                        .toList(),
                reason);
    }
}
