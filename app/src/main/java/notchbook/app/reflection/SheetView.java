package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.core.coverage.Sureness;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.Resolve;

/** A week's sheet as it is filled in: what it asks, what is there to answer with, and what was answered. */
record SheetView(
        int week,
        LocalDate monday,
        int version,
        List<PromptView> prompts,
        List<String> answers,
        List<WorkView> work,
        Set<UUID> choices,
        List<RatingView> ratings,
        Optional<MeantView> asked,
        ResolveView resolve) {

    record PromptView(String question, int least, int most) {
        static PromptView of(Prompt prompt) {
            return new PromptView(
                    prompt.question(), prompt.range().least(), prompt.range().most());
        }
    }

    record WorkView(UUID id, UUID pageId, EntryKind kind, String name) {}

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
