package notchbook.core.book;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.coverage.CoverageCase;
import org.junit.jupiter.api.Test;

class OfferTest {
    private final CoverageCase notebook = new CoverageCase()
            .typed(40, "2.1a")
            .photo(30, "2.1b")
            .typed(20, "2.1a", "2.1b", "2.2a")
            .typed(10, "3.1a");

    @Test
    void offersWhatWasLookedBackOnThenWhatWasCheckedThenTheRest() {
        assertThat(offered(Set.of(piece(1)), Set.of(piece(0)))).isEqualTo("""
                        1: you looked back on it
                        0: checked without a remark, the first on 2.1
                        2: evidence for the most points, the latest on 2.1
                        """);
    }

    @Test
    void saysEachReasonOfAPiece() {
        assertThat(offered(Set.of(piece(2)), Set.of(piece(2))))
                .startsWith(
                        "2: you looked back on it, checked without a remark, evidence for the most points, the latest on 2.1");
    }

    @Test
    void callsNothingTheMostNotchedThatHasOneNotch() {
        var bare = new CoverageCase().typed(3, "3.1a");
        assertThat(Offer.of(bare.edition, bare.input().evidence(), Set.of(), Set.of()))
                .isEmpty();
    }

    @Test
    void callsNothingTheMostNotchedThatManyAre() {
        var alike = new CoverageCase();
        for (var day = 1; day <= 4; day++) {
            alike.typed(day, "2.1a", "2.1b");
        }
        assertThat(Offer.of(alike.edition, alike.input().evidence(), Set.of(), Set.of()))
                .extracting(Offer::reasons)
                .allMatch(reasons -> !reasons.contains("evidence for the most points"));
    }

    @Test
    void passesOverWorkThatIsNotThere() {
        assertThat(offered(Set.of(new UUID(5, 5)), Set.of())).doesNotContain("looked back");
    }

    private static UUID piece(int at) {
        return new UUID(1, at);
    }

    private String offered(Set<UUID> lookedBackOn, Set<UUID> checked) {
        var offers = Offer.of(notebook.edition, notebook.input().evidence(), lookedBackOn, checked);
        return IntStream.range(0, offers.size())
                .mapToObj(i -> offers.get(i).entry().getLeastSignificantBits() + ": "
                        + String.join(", ", offers.get(i).reasons()) + "\n")
                .collect(joining());
    }
}
