package notchbook.core.view;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TidyTest {
    private static List<Card> cards(String... ids) {
        return Arrays.stream(ids).map(id -> new Card(id, 200, 80, "")).toList();
    }

    /** Ties as {@code a>b}. */
    private static List<CardTie> ties(String... ties) {
        return Arrays.stream(ties)
                .map(tie -> tie.split(">"))
                .map(ends -> new CardTie(ends[0], ends[1]))
                .toList();
    }

    private static Map<String, Spot> tidy(List<Card> cards, List<CardTie> ties) {
        return Tidy.of(cards, ties).stream().collect(toMap(Spot::id, identity()));
    }

    @Test
    void readsFromTheLeftToTheRight() {
        var board = tidy(cards("c", "a", "b"), ties("a>b", "b>c"));
        assertThat(board.get("a").x()).isLessThan(board.get("b").x());
        assertThat(board.get("b").x()).isLessThan(board.get("c").x());
        assertThat(board.get("a").y())
                .isEqualTo(board.get("b").y())
                .isEqualTo(board.get("c").y());
    }

    @Test
    void opensACircleOnce() {
        var board = tidy(cards("a", "b", "c"), ties("a>b", "b>c", "c>a"));
        assertThat(board.values().stream().map(Spot::x).distinct()).hasSize(3);
    }

    @Test
    void untanglesTiesThatCross() {
        var board = tidy(cards("a", "b", "x", "y"), ties("a>y", "b>x", "a>a2"));
        assertThat(board.get("a").y() < board.get("b").y())
                .isEqualTo(board.get("y").y() < board.get("x").y());
    }

    @Test
    void leadsATiePastTheCardsBetween() {
        var board = tidy(cards("a", "b", "c", "d"), ties("a>b", "b>c", "c>d", "a>d"));
        var between = Stream.of("b", "c").map(board::get);
        var line = new Line2D.Double(
                board.get("a").x() + 200,
                board.get("a").y() + 40,
                board.get("d").x(),
                board.get("d").y() + 40);
        assertThat(between).noneMatch(spot -> line.intersects(spot.x(), spot.y(), 200, 80));
    }

    @Test
    void setsACardBesideTheMiddleOfWhatItIsTiedTo() {
        var board = tidy(cards("hub", "a", "b", "c"), ties("hub>a", "hub>b", "hub>c"));
        assertThat(board.get("hub").y())
                .isEqualTo((board.get("a").y() + board.get("c").y()) / 2)
                .isEqualTo(board.get("b").y());
    }

    @Test
    void setsLooseCardsOfAGroupTogetherAndThoseOfNoneLast() {
        var cards = List.of(
                new Card("none", 200, 80, ""),
                new Card("s1", 200, 80, "soft"),
                new Card("h1", 200, 80, "hard"),
                new Card("s2", 200, 80, "soft"));
        var board = Tidy.of(cards, List.of());
        assertThat(board).extracting(Spot::id).containsExactly("s1", "s2", "h1", "none");
    }

    @Test
    void takesNoCareOfTiesThatLeadNowhere() {
        assertThat(tidy(cards("a"), ties("a>gone", "gone>a", "a>a"))).hasSize(1);
        assertThat(Tidy.of(List.of(), ties("a>b"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, 3, 2", "2, 12, 14", "3, 40, 30", "4, 60, 120", "5, 120, 60", "6, 500, 500"})
    void laysNoCardOnAnotherAndGivesTheSameBoardAgain(int seed, int count, int tied) {
        var random = new Random(seed);
        var cards = IntStream.range(0, count)
                .mapToObj(i ->
                        new Card("c" + i, 150 + random.nextInt(100), 50 + random.nextInt(120), "g" + random.nextInt(4)))
                .toList();
        var ties = IntStream.range(0, tied)
                .mapToObj(i -> new CardTie("c" + random.nextInt(count), "c" + random.nextInt(count)))
                .toList();
        var board = tidy(cards, ties);
        assertThat(board).hasSize(count);
        assertThat(overlaps(cards, board)).isEmpty();
        assertThat(Tidy.of(cards, ties)).isEqualTo(Tidy.of(cards, ties));
    }

    private static List<String> overlaps(List<Card> cards, Map<String, Spot> board) {
        var found = new ArrayList<String>();
        for (var one : cards) {
            for (var other : cards) {
                if (one.id().compareTo(other.id()) < 0
                        && overlap(one, board.get(one.id()), other, board.get(other.id()))) {
                    found.add(one.id() + " on " + other.id());
                }
            }
        }
        return found;
    }

    private static boolean overlap(Card one, Spot at, Card other, Spot there) {
        return at.x() < there.x() + other.width()
                && there.x() < at.x() + one.width()
                && at.y() < there.y() + other.height()
                && there.y() < at.y() + one.height();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void bringsWhatIsTiedNearer(int seed) {
        var random = new Random(seed);
        var cards = IntStream.range(0, 30)
                .mapToObj(i -> new Card("c" + i, 200, 80, ""))
                .toList();
        var ties = IntStream.range(1, 30)
                .mapToObj(i -> new CardTie("c" + random.nextInt(i), "c" + i))
                .toList();
        var board = tidy(cards, ties);
        var tied = ties.stream()
                .mapToDouble(tie -> apart(board, tie.from(), tie.to()))
                .average();
        var any = cards.stream()
                .flatMapToDouble(one -> cards.stream().mapToDouble(other -> apart(board, one.id(), other.id())))
                .average();
        assertThat(tied.orElseThrow()).isLessThan(0.75 * any.orElseThrow());
    }

    private static double apart(Map<String, Spot> board, String one, String other) {
        return Math.hypot(
                board.get(one).x() - board.get(other).x(),
                board.get(one).y() - board.get(other).y());
    }
}
