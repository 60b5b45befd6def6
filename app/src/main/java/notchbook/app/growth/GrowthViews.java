package notchbook.app.growth;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryView;
import notchbook.app.entry.Glimpse;
import notchbook.core.growth.Change;
import notchbook.core.growth.GrowthWeek;

/** Growth, as screens are sent it. */
final class GrowthViews {
    private GrowthViews() {}

    /** A piece where it stands in the order of time, counted from 0, with the page and the notebook that it is in. */
    record GrowthPiece(
            int at, EntryView entry, String name, LocalDate day, UUID notebookId, String notebook, String page) {}

    /** A piece as it is known again. */
    record GrowthLine(int at, Glimpse piece, LocalDate day) {}

    /** Two places in the order of time. */
    record PairView(int earlier, int later) {}

    record ThenAndNowView(
            UUID id,
            UUID notebookId,
            UUID earlier,
            UUID later,
            String title,
            String words,
            int version,
            LocalDate keptOn) {
        static ThenAndNowView of(ThenAndNow kept) {
            return new ThenAndNowView(
                    kept.id(),
                    kept.notebookId(),
                    kept.earlier(),
                    kept.later(),
                    kept.title(),
                    kept.words(),
                    kept.version(),
                    kept.keptOn());
        }
    }

    /** Two pieces beside each other: what changed between them, the pairs before and after, and the pair where it was kept. */
    record BesideView(
            GrowthPiece earlier,
            GrowthPiece later,
            List<Change> changes,
            PairView before,
            PairView next,
            Optional<ThenAndNowView> kept) {}

    /** How many pieces a choice has; two of them beside each other, or the one that there is. */
    record GrowthView(int count, Optional<GrowthPiece> only, Optional<BesideView> beside) {}

    /** A kept pair with what its pieces are known again by; a piece in the bin is missing. */
    record ThenAndNowLine(ThenAndNowView pair, Optional<Glimpse> earlier, Optional<Glimpse> later) {}

    /** What the lines over the weeks are about, and each week that has begun. */
    record GrowthWeeksView(List<GrowthWeek> weeks) {}
}
