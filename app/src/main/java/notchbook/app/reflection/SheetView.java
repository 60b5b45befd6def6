package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Glimpse;
import notchbook.core.coverage.Sureness;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.Resolve;

/**
 * A week's sheet as it is filled in: what it asks, what is there to answer with, and what was answered. {@code drawn} is what stands
 * with the answers beside work of the week; {@code set} names the set that asks, {@code readers} who reads the sheet by the class's rule.
 * {@code home} is the section in which a page for spoken and handwritten answers would be made.
 */
record SheetView(
        int week,
        LocalDate monday,
        int version,
        Optional<String> set,
        List<String> readers,
        List<Prompt> prompts,
        List<Answer> answers,
        String letGo,
        List<Glimpse> work,
        List<Glimpse> drawn,
        Optional<UUID> home,
        List<RatingView> ratings,
        Optional<MeantView> asked,
        ResolveView resolve) {

    /** An intention, and the number of the week whose sheet had it; none where that was no teaching week of this year. */
    record MeantView(Optional<Integer> week, String words) {}

    record ResolveView(Optional<Outcome> outcome, String about, String next) {
        static ResolveView of(Resolve resolve) {
            return new ResolveView(resolve.outcome(), resolve.about(), resolve.next());
        }

        Resolve resolve() {
            return new Resolve(outcome, about, next);
        }
    }

    /**
     * A topic with the rating on this sheet, those before it (the latest last), the share of marks on the latest paper (0 to 1), and what
     * ratings say together with that where they disagree.
     */
    record RatingView(
            UUID topic,
            String code,
            String title,
            Optional<Integer> value,
            List<RatedBeforeView> before,
            Optional<Double> paper,
            List<SaysView> says) {}

    record RatedBeforeView(int week, int value) {}

    record SaysView(int rating, Sureness says) {}
}
