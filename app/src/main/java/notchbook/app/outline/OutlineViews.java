package notchbook.app.outline;

import java.util.List;
import java.util.Optional;
import notchbook.core.outline.LeftOut;
import notchbook.core.outline.Outline;
import notchbook.core.outline.OutlineLine;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Tier;

/** An outline on its way between the core and a screen. */
final class OutlineViews {
    private OutlineViews() {}

    /** A line as the document says it, or as somebody mended it. */
    record LineBody(int depth, String number, String text, String weight, Tier tier, String years, String note) {
        OutlineLine line() {
            return new OutlineLine(
                    depth,
                    number.strip(),
                    text.strip(),
                    weight.strip(),
                    tier,
                    years.strip(),
                    note.strip(),
                    Optional.empty());
        }
    }

    /** A line with what is unsure about it. */
    record OutlineLineView(
            int depth,
            String number,
            String text,
            String weight,
            Tier tier,
            String years,
            String note,
            Optional<String> question) {
        static OutlineLineView of(OutlineLine line) {
            return new OutlineLineView(
                    line.depth(),
                    line.number(),
                    line.text(),
                    line.weight(),
                    line.tier(),
                    line.years(),
                    line.note(),
                    line.question());
        }
    }

    record LeftOutView(int number, String text, String reason) {
        static LeftOutView of(LeftOut left) {
            return new LeftOutView(left.number(), left.text(), left.reason());
        }
    }

    record OutlineView(String title, List<OutlineLineView> lines, List<LeftOutView> leftOut) {
        static OutlineView of(Outline outline) {
            return new OutlineView(
                    outline.title(),
                    outline.lines().stream().map(OutlineLineView::of).toList(),
                    outline.leftOut().stream().map(LeftOutView::of).toList());
        }
    }

    /** What lines would make: the code of each, how many of each kind, and what has to be mended first. */
    record OutlineSizesView(List<String> codes, int units, int topics, int points, List<Breach> lines) {}
}
