package notchbook.app.remark;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Media;
import notchbook.app.media.MediaView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.remark.Anchor;
import notchbook.core.remark.Saying;
import notchbook.formats.ink.DrawingJson;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** The remarks on versions. Whose version it is, and who may say something, is for the room of hand-ins to know. */
@Service
public class Remarks {
    private static final int LONGEST_ANSWER = 2_000;

    private final RemarkStore store;
    private final Media media;
    private final People people;
    private final SchoolClock clock;
    private final JsonMapper mapper;

    Remarks(RemarkStore store, Media media, People people, SchoolClock clock, JsonMapper mapper) {
        this.store = store;
        this.media = media;
        this.people = people;
        this.clock = clock;
        this.mapper = mapper;
    }

    /** A teacher's wish to say something about a version, under an id of their own making. */
    public record Wish(UUID id, UUID handInId, Anchor anchor, Saying saying, Optional<UUID> goesBackTo) {}

    /** The remarks on these versions, in the order of their numbers. */
    public List<Remark> on(Collection<UUID> handInIds) {
        return store.on(handInIds);
    }

    /** Puts a remark, with the page that what it is about lies on; putting it again changes nothing. */
    public void put(Person author, Wish wish, Optional<UUID> pageId) {
        var there = store.on(List.of(wish.handInId()));
        if (there.stream().anyMatch(found -> found.id().equals(wish.id()))) {
            return;
        }
        wish.saying().sound().ifPresent(sound -> media.requireOwned(author, sound));
        store.insert(new Remark(
                wish.id(),
                wish.handInId(),
                pageId,
                wish.anchor(),
                there.isEmpty() ? 1 : there.getLast().number() + 1,
                author.id(),
                wish.saying(),
                wish.goesBackTo(),
                clock.now(),
                Optional.empty()));
    }

    public void withdraw(UUID handInId, UUID remarkId) {
        store.delete(handInId, remarkId);
    }

    public Optional<Remark> find(UUID id) {
        return store.find(id);
    }

    /** Keeps what the student says to a remark; blank takes it back. */
    public void answer(UUID remarkId, String words) {
        if (words.length() > LONGEST_ANSWER) {
            throw Refusal.unfit("An answer has up to 2,000 characters.");
        }
        if (words.isBlank()) {
            store.takeAnswerBack(remarkId);
        } else {
            store.answer(remarkId, words.strip(), clock.now());
        }
    }

    /** Remarks as screens are sent them, on a version of this number. */
    public List<RemarkView> views(List<Remark> remarks, int version) {
        var sounds = media.findAll(remarks.stream()
                .flatMap(remark -> remark.saying().sound().stream())
                .toList());
        return remarks.stream()
                .map(remark -> new RemarkView(
                        remark.id(),
                        remark.pageId(),
                        AnchorView.of(remark.anchor()),
                        remark.number(),
                        version,
                        remark.saying().words(),
                        remark.saying().gist(),
                        remark.saying().sound().map(sounds::get).map(MediaView::of),
                        remark.saying().drawing().map(DrawingJson::write).map(mapper::readTree),
                        remark.saying().sign(),
                        remark.goesBackTo(),
                        remark.answer(),
                        people.nameOf(remark.authorId()),
                        remark.at()))
                .toList();
    }
}
