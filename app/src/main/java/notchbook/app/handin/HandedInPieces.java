package notchbook.app.handin;

import static java.util.stream.Collectors.toSet;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.SealedWork;
import notchbook.app.people.Person;
import notchbook.app.reflection.SealedPieces;
import org.springframework.stereotype.Component;

/** What students handed in, as pieces that they look back on or keep in collections. */
@Component
class HandedInPieces implements SealedPieces, SealedWork {
    private final HandInStore store;
    private final SealedVersions versions;

    HandedInPieces(HandInStore store, SealedVersions versions) {
        this.store = store;
        this.versions = versions;
    }

    @Override
    public Optional<SealedPiece> find(Person person, UUID version) {
        return store.find(version)
                .filter(handIn -> handIn.studentId().equals(person.id()))
                .map(this::piece);
    }

    @Override
    public Optional<String> nameOf(Person person, UUID version) {
        return store.find(version)
                .filter(handIn -> handIn.studentId().equals(person.id()))
                .map(HandedInPieces::name);
    }

    private static String name(HandIn handIn) {
        return handIn.title() + ", version " + handIn.version();
    }

    private SealedPiece piece(HandIn handIn) {
        return new SealedPiece(
                name(handIn),
                handIn.notebookId(),
                versions.read(handIn).pages().stream()
                        .flatMap(page -> page.entries().stream())
                        .map(Sealed.Entry::id)
                        .collect(toSet()));
    }
}
