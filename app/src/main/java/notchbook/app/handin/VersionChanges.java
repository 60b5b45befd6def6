package notchbook.app.handin;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import notchbook.app.handin.ChangesViews.CarriedView;
import notchbook.app.handin.ChangesViews.ChangesView;
import notchbook.app.handin.ChangesViews.EntryChangeView;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.remark.AnchorView;
import notchbook.app.remark.Remarks;
import notchbook.core.remark.Carried;
import notchbook.core.version.Differences;
import notchbook.core.version.Version;
import org.springframework.stereotype.Component;

/** Tells what changed between two versions of the same work, and where the remarks on the older one stand now. */
@Component
class VersionChanges {
    private final SealedVersions versions;
    private final Remarks remarks;

    VersionChanges(SealedVersions versions, Remarks remarks) {
        this.versions = versions;
        this.remarks = remarks;
    }

    ChangesView between(Person reader, HandIn before, HandIn after) {
        if (!before.isSameWorkAs(after)) {
            throw Refusal.unfit("Two versions of the same work can be compared.");
        }
        var old = versions.compared(before);
        var now = versions.compared(after);
        var differences = Differences.between(old, now);
        return new ChangesView(
                before.version(),
                differences.count(),
                differences.entries().stream().map(EntryChangeView::of).toList(),
                differences.movedPages(),
                before.showsRemarksTo(reader) ? carried(before, old, now) : List.of());
    }

    private List<CarriedView> carried(HandIn before, Version old, Version now) {
        var said = remarks.on(List.of(before.id()));
        var views = remarks.views(said, before.version());
        return IntStream.range(0, said.size())
                .mapToObj(i -> {
                    var carried = Carried.of(said.get(i).anchor(), old, now);
                    return new CarriedView(views.get(i), carried.isTouched(), anchor(carried));
                })
                .toList();
    }

    private static Optional<AnchorView> anchor(Carried carried) {
        return switch (carried) {
            case Carried.Here here -> Optional.of(AnchorView.of(here.anchor()));
            case Carried.Gone gone -> gone.entry().map(AnchorView::of);
        };
    }
}
