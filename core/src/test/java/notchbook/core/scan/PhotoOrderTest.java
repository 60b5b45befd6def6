package notchbook.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.scan.PhotoOrder.Known;
import notchbook.core.scan.PhotoOrder.Reason;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** docs/rules.md, Order of photos. */
class PhotoOrderTest {
    private static final Instant NINE = Instant.parse("2026-11-25T09:00:00Z");

    @Test
    void goesByCaptureTimeWhereEveryPhotoHasOne() {
        assertOrder(
                Reason.CAPTURE_TIME,
                "2 0 1",
                photo(NINE.plusSeconds(20), "a3.jpg", 1),
                photo(NINE.plusSeconds(40), "a2.jpg", 2),
                photo(NINE, "a1.jpg", 3));
    }

    @Test
    void goesByTheNumberInTheNameWhereTimesAreMissingOrTheSame() {
        assertOrder(
                Reason.FILE_NAME,
                "1 2 0",
                photo(NINE, "page 10.jpg", 1),
                photo(null, "page 2.jpg", 2),
                photo(NINE, "page 9.jpg", 3));
        assertOrder(Reason.FILE_NAME, "1 0", photo(NINE, "b2.jpg", 1), photo(NINE, "b1.jpg", 2));
    }

    @Test
    void goesByThePageNumberReadWhereNamesSayNothing() {
        assertOrder(Reason.PAGE_NUMBER, "1 0", photo(null, "image.jpg", 7), photo(null, "image.jpg", 3));
    }

    /** Page numbers as they arrived, with a dash for none. */
    @ParameterizedTest
    @CsvSource({
        "3 1 - 2, PAGE_NUMBER, 1 2 3 0",
        "- 3 1 2, PAGE_NUMBER, 2 3 0 1",
        "- - 3 1 2, PAGE_NUMBER, 3 4 0 1 2",
        "2 - - 1 3, PAGE_NUMBER, 3 0 1 2 4",
        "3 - - - 1 2, ARRIVAL, 0 1 2 3 4 5",
        "2 - 1, ARRIVAL, 0 1 2",
        "4 4 - 1, ARRIVAL, 0 1 2 3"
    })
    void findsAPlaceForTheOneOrTwoThatHaveNoNumber(String numbers, Reason reason, String order) {
        var photos = Arrays.stream(numbers.split(" "))
                .map(number -> photo(null, "image.jpg", number.equals("-") ? -1 : Integer.parseInt(number)))
                .toArray(Photo[]::new);
        assertOrder(reason, order, photos);
    }

    @Test
    void staysAsItArrivedWhereNothingTells() {
        assertOrder(
                Reason.ARRIVAL, "0 1 2", photo(null, "x.jpg", -1), photo(null, "y.jpg", 4), photo(null, "z.jpg", 4));
    }

    @Test
    void letsTheStudentsOwnOrderWinAndPutsNewOnesLast() {
        var first = photo(NINE, "1.jpg", 1);
        var own = List.of(
                first.known(0, OptionalInt.of(1)),
                first.known(1, OptionalInt.empty()),
                first.known(2, OptionalInt.of(0)));
        assertThat(PhotoOrder.of(own)).isEqualTo(new PhotoOrder.Ordered(List.of(id(2), id(0), id(1)), Reason.OWN));
    }

    @ParameterizedTest
    @CsvSource({
        "scan2.jpg, scan10.jpg",
        "IMG_0009.jpg, IMG_0010.jpg",
        "2026-11-25 9.jpg, 2026-11-25 10.jpg",
        "a.jpg, a1.jpg",
        "Scan3.jpg, scan4.JPG",
        "99999999999999999998.jpg, 99999999999999999999.jpg",
    })
    void ordersNamesAsPeopleDo(String before, String after) {
        assertThat(NaturalName.of(before)).isLessThan(NaturalName.of(after));
    }

    private record Photo(@Nullable Instant at, String name, int page) {
        Known known(int i, OptionalInt own) {
            var number = page < 0 ? OptionalInt.empty() : OptionalInt.of(page);
            return new Known(id(i), Optional.ofNullable(at), name, number, own);
        }
    }

    private static Photo photo(@Nullable Instant at, String name, int page) {
        return new Photo(at, name, page);
    }

    private static UUID id(int i) {
        return new UUID(0, i);
    }

    private static void assertOrder(Reason reason, String order, Photo... arrived) {
        var known = IntStream.range(0, arrived.length)
                .mapToObj(i -> arrived[i].known(i, OptionalInt.empty()))
                .toList();
        var ids = List.of(order.split(" ")).stream()
                .map(Integer::parseInt)
                .map(PhotoOrderTest::id)
                .toList();
        assertThat(PhotoOrder.of(known)).isEqualTo(new PhotoOrder.Ordered(ids, reason));
    }
}
