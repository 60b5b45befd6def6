package notchbook.app.syllabus;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.Edition;
import notchbook.formats.syllabus.SyllabusCsv;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The syllabus editions and what the classes plan to teach when. */
@Service
public class Syllabi {
    private final SyllabusStore store;
    private final SchoolClock clock;

    Syllabi(SyllabusStore store, SchoolClock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Editions that a reader may use: the school's and their own. */
    public List<EditionInfo> editions(Person reader) {
        return store.editions(reader.id());
    }

    public EditionInfo requireInfo(Person reader, UUID editionId) {
        return editions(reader).stream()
                .filter(edition -> edition.id().equals(editionId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("syllabus"));
    }

    /** The whole tree of an edition that is known to be the reader's to use. */
    public Edition edition(UUID editionId) {
        return new Edition(store.nodes(editionId));
    }

    /** Reads an edition from CSV for one person (or for the whole school when there is none); all of it or nothing. */
    @Transactional
    public EditionInfo read(Optional<Person> addedBy, String code, String title, byte[] csv) {
        if (code.isBlank() || title.isBlank()) {
            throw Refusal.unfit("Give the syllabus a code and a title.");
        }
        var result = SyllabusCsv.read(csv, clock::newId);
        if (!result.isAccepted()) {
            throw Refusal.unfit(
                    result.breaches().size() == 1
                            ? "One thing has to be mended in this file."
                            : result.breaches().size() + " things have to be mended in this file.",
                    Map.of("lines", result.breaches()));
        }
        var info = new EditionInfo(clock.newId(), code.strip(), title.strip());
        store.insert(info, addedBy.map(Person::id), clock.now(), result.nodes());
        return info;
    }

    /** The teaching weeks of each topic that a class plans. */
    public Map<UUID, WeekRange> plan(UUID classId) {
        return store.plan(classId);
    }

    @Transactional
    public void plan(UUID classId, Map<UUID, WeekRange> weeks) {
        weeks.forEach((topic, range) -> store.insertPlan(classId, topic, range));
    }
}
