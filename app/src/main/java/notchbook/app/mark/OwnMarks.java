package notchbook.app.mark;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kinds of mark that students made for themselves. */
@Service
public class OwnMarks {
    /** One key each: 4 to 9. */
    private static final int MOST = 6;

    private final OwnMarkStore store;

    OwnMarks(OwnMarkStore store) {
        this.store = store;
    }

    public List<OwnMark> of(Person reader) {
        return store.of(reader.id());
    }

    /** Makes a kind of mark, or gives it another name or shape. */
    @Transactional
    public void put(Person reader, OwnMark mark) {
        reader.requireStudent();
        var others =
                of(reader).stream().filter(own -> !own.id().equals(mark.id())).count();
        if (others >= MOST) {
            throw Refusal.unfit("You have 6 marks of your own, one for each key. Change one that you no longer use.");
        }
        if (!store.put(reader.id(), mark)) {
            throw Refusal.notFound("mark");
        }
    }

    /** Deletes a kind of mark that stands nowhere any more. */
    @Transactional
    public void delete(Person reader, UUID id) {
        var isMine = of(reader).stream().anyMatch(own -> own.id().equals(id));
        if (isMine && store.uses(id) > 0) {
            throw Refusal.notNow(
                    "This mark stands in your notebooks. Take it off there first, or give it another name.");
        }
        if (!store.delete(reader.id(), id)) {
            throw Refusal.notFound("mark");
        }
    }
}
