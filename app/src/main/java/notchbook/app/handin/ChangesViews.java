package notchbook.app.handin;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.remark.AnchorView;
import notchbook.app.remark.RemarkView;
import notchbook.core.version.EntryChange;
import notchbook.core.version.Span;
import notchbook.core.version.TextChange;

/** What changed between two versions, as screens are sent it. */
final class ChangesViews {
    private ChangesViews() {}

    /** A stretch of a text in UTF-16 units, its lines joined by line breaks. */
    record SpanView(int from, int to) {
        static List<SpanView> of(List<Span> spans) {
            return spans.stream()
                    .map(span -> new SpanView(span.from(), span.to()))
                    .toList();
        }
    }

    /** Stretches that went from the old text and that came in the new one. */
    record WordsView(List<SpanView> gone, List<SpanView> come, int goneWords, int newWords) {
        static WordsView of(TextChange change) {
            return new WordsView(
                    SpanView.of(change.gone()), SpanView.of(change.come()), change.goneWords(), change.newWords());
        }
    }

    /** Strokes or pictures by their places in the old entry and in the new one; {@code written} are pictures with other things on top. */
    record PlacesView(List<Integer> gone, List<Integer> come, List<Integer> written) {}

    record EntryChangeView(
            UUID entry,
            EntryChange.Kind kind,
            boolean isMoved,
            boolean isCaptionChanged,
            boolean isReplaced,
            Optional<WordsView> words,
            Optional<PlacesView> strokes,
            Optional<PlacesView> pictures) {
        static EntryChangeView of(EntryChange change) {
            var plain = new EntryChangeView(
                    change.entry(),
                    change.kind(),
                    change.isMoved(),
                    change.isCaptionChanged(),
                    change.detail() instanceof EntryChange.Replaced,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
            return switch (change.detail()) {
                case EntryChange.Nothing ignored -> plain;
                case EntryChange.Replaced ignored -> plain;
                case EntryChange.Words words -> plain.with(WordsView.of(words.change()));
                case EntryChange.Strokes strokes ->
                    plain.withStrokes(new PlacesView(strokes.gone(), strokes.come(), List.of()));
                case EntryChange.Pictures pictures ->
                    plain.withPictures(new PlacesView(pictures.gone(), pictures.come(), pictures.written()));
            };
        }

        private EntryChangeView with(WordsView now) {
            return new EntryChangeView(
                    entry, kind, isMoved, isCaptionChanged, isReplaced, Optional.of(now), strokes, pictures);
        }

        private EntryChangeView withStrokes(PlacesView now) {
            return new EntryChangeView(
                    entry, kind, isMoved, isCaptionChanged, isReplaced, words, Optional.of(now), pictures);
        }

        private EntryChangeView withPictures(PlacesView now) {
            return new EntryChangeView(
                    entry, kind, isMoved, isCaptionChanged, isReplaced, words, strokes, Optional.of(now));
        }
    }

    /** A remark on the older version with where that stands now; no anchor when what it was about is gone. */
    record CarriedView(RemarkView remark, boolean isTouched, Optional<AnchorView> anchor) {}

    /** {@code count} is how many things changed. */
    record ChangesView(
            int sinceVersion,
            int count,
            List<EntryChangeView> entries,
            Set<UUID> movedPages,
            List<CarriedView> carried) {}
}
