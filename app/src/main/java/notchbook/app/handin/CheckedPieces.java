package notchbook.app.handin;

import static java.util.stream.Collectors.toSet;

import java.util.Set;
import java.util.UUID;
import notchbook.app.book.CheckedWork;
import notchbook.app.people.Person;
import notchbook.app.remark.Remark;
import notchbook.app.remark.Remarks;
import notchbook.core.handin.HandInState;
import org.springframework.stereotype.Component;

/** What of a student's work was checked, and has no remark but that the teacher agrees. */
@Component
class CheckedPieces implements CheckedWork {
    private final HandInStore store;
    private final SealedVersions versions;
    private final Remarks remarks;

    CheckedPieces(HandInStore store, SealedVersions versions, Remarks remarks) {
        this.store = store;
        this.versions = versions;
        this.remarks = remarks;
    }

    @Override
    public Set<UUID> withoutRemark(Person student) {
        var returned = store.by(student.id()).stream()
                .filter(handIn -> handIn.state().isReturned())
                .toList();
        var remarked = remarks.on(returned.stream().map(HandIn::id).toList()).stream()
                .filter(remark -> !remark.isAgreement())
                .map(Remark::anchor)
                .flatMap(anchor -> anchor.on().stream())
                .collect(toSet());
        return returned.stream()
                .filter(handIn -> handIn.state() == HandInState.CHECKED)
                .flatMap(handIn -> versions.read(handIn).pages().stream())
                .flatMap(page -> page.entries().stream())
                .map(Sealed.Entry::id)
                .filter(entry -> !remarked.contains(entry))
                .collect(toSet());
    }
}
