package notchbook.app.noticeboard;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.handin.Exhibit;
import notchbook.app.handin.Exhibits;
import notchbook.app.handin.SealedViews.SealedPageView;
import notchbook.app.noticeboard.PieceSource.OfCollection;
import notchbook.app.noticeboard.PieceSource.OfEntry;
import notchbook.app.noticeboard.PieceSource.OfPage;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.noticeboard.Audience;
import notchbook.core.noticeboard.Piece;
import notchbook.core.noticeboard.Standing;
import notchbook.core.noticeboard.Viewer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces that students show to their classes: nothing is there before a student says so, and it goes when they say so. */
@Service
public class Noticeboard {
    private static final int LONGEST_WORDS = 500;

    private final PieceStore store;
    private final Exhibits exhibits;
    private final Viewers viewers;
    private final People people;
    private final SchoolClock clock;

    Noticeboard(PieceStore store, Exhibits exhibits, Viewers viewers, People people, SchoolClock clock) {
        this.store = store;
        this.exhibits = exhibits;
        this.viewers = viewers;
        this.people = people;
        this.clock = clock;
    }

    /** What a student wants to show, to whom, and what they say along with it. */
    public record Wish(UUID id, UUID classId, PieceSource source, Audience audience, String words) {}

    /** The pieces of a class that the reader sees, the latest first. */
    List<BoardPiece> of(Person reader, UUID classId) {
        people.requireClass(reader, classId);
        return store.of(classId).stream()
                .filter(one -> viewers.sees(reader, one.piece()))
                .toList();
    }

    /** A piece that the reader sees; others do not exist for them. */
    BoardPiece require(Person reader, UUID id) {
        return find(reader, id).orElseThrow(() -> Refusal.notFound("piece"));
    }

    Optional<BoardPiece> find(Person reader, UUID id) {
        return store.find(id).filter(one -> viewers.sees(reader, one.piece()));
    }

    List<SealedPageView> pages(BoardPiece one) {
        return store.pages(one.piece().id());
    }

    boolean teacherSeesFirst(UUID classId) {
        return store.teacherSeesFirst(classId);
    }

    @Transactional
    public void letTeacherSeeFirst(Person teacher, UUID classId, boolean isFirst) {
        people.requireTaught(teacher, classId);
        store.letTeacherSeeFirst(classId, isFirst);
    }

    /** Shows a piece as it is now; one that was shown before is shown anew, and its teacher may have to look at it again. */
    @Transactional
    public void show(Person student, Wish wish) {
        student.requireStudent();
        people.requireClass(student, wish.classId());
        var before = store.find(wish.id());
        before.filter(there -> !isSame(student, there, wish)).ifPresent(another -> {
            throw Refusal.notFound("piece");
        });
        var exhibit = exhibit(student, wish.source());
        if (exhibit.pages().stream().allMatch(page -> page.entries().isEmpty())) {
            throw Refusal.notNow("Nothing is in it yet.");
        }
        store.put(
                new BoardPiece(
                        Piece.shown(
                                wish.id(),
                                wish.classId(),
                                student.id(),
                                wish.audience(),
                                store.teacherSeesFirst(wish.classId())),
                        wish.source(),
                        exhibit.title(),
                        checked(wish.words()),
                        "",
                        exhibit.topics(),
                        exhibit.kind(),
                        exhibit.picture(),
                        exhibit.words(),
                        clock.now()),
                exhibit);
    }

    private static boolean isSame(Person student, BoardPiece there, Wish wish) {
        return there.piece().ownerId().equals(student.id())
                && there.piece().classId().equals(wish.classId())
                && there.source().equals(wish.source());
    }

    private Exhibit exhibit(Person student, PieceSource source) {
        return switch (source) {
            case OfEntry(var id) -> exhibits.entry(student, id);
            case OfPage(var id) -> exhibits.page(student, id);
            case OfCollection(var id) -> exhibits.collection(student, id);
        };
    }

    /** Puts a piece where its student or a teacher wants it; the teacher may say why. */
    @Transactional
    public void move(Person reader, UUID id, Standing to, String words) {
        var found = require(reader, id);
        var viewer = viewers.of(reader, found.piece());
        var moved = found.piece().movedBy(viewer, to).orElseThrow(() -> Refusal.notFound("piece"));
        store.move(moved, viewer == Viewer.TEACHER ? checked(words) : found.teacherWords());
    }

    private static String checked(String words) {
        var said = words.strip();
        if (said.length() > LONGEST_WORDS) {
            throw Refusal.unfit("Say it in up to 500 letters.");
        }
        return said;
    }
}
