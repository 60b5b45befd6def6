package notchbook.app.handin;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.handin.HandInViews.AskedForView;
import notchbook.app.handin.HandInViews.OverviewView;
import notchbook.app.handin.HandInViews.RegisterView;
import notchbook.app.handin.HandInViews.SetWorkLine;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.app.remark.AnchorView;
import notchbook.app.remark.Remarks;
import notchbook.core.handin.Criteria;
import notchbook.core.remark.Saying;
import notchbook.formats.ink.DrawingJson;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class CheckingController {
    private final Checking checking;
    private final SetWorks setWorks;
    private final HandInStore store;
    private final HandInMapper mapper;
    private final Register register;
    private final People people;

    CheckingController(
            Checking checking,
            SetWorks setWorks,
            HandInStore store,
            HandInMapper mapper,
            Register register,
            People people) {
        this.register = register;
        this.checking = checking;
        this.setWorks = setWorks;
        this.store = store;
        this.mapper = mapper;
        this.people = people;
    }

    record SetWorkBody(
            UUID classId,
            String title,
            String instructions,
            UUID topic,
            LocalDate due,
            AskedForView asked,
            List<CriterionBody> criteria) {
        SetWork work(UUID id, UUID setBy) {
            try {
                var judged = new Criteria(
                        criteria.stream().map(CriterionBody::criterion).toList());
                return new SetWork(id, classId, title, instructions, topic, due, setBy, asked.asked(), judged);
            } catch (IllegalArgumentException unfit) {
                throw Refusal.unfit(unfit.getMessage());
            }
        }
    }

    record CriterionBody(String name, List<LevelBody> levels) {
        Criteria.Criterion criterion() {
            return new Criteria.Criterion(
                    name,
                    levels.stream()
                            .map(level -> new Criteria.Level(level.words(), level.points()))
                            .toList());
        }
    }

    record LevelBody(String words, int points) {}

    /** What is about to be said; the drawing as drawings are kept, its surface as wide and high as what it lies over. */
    record RemarkBody(
            AnchorView anchor,
            String words,
            Optional<UUID> soundId,
            @Schema(implementation = Object.class) Optional<JsonNode> drawing,
            Optional<Saying.Sign> sign,
            Optional<UUID> goesBackTo) {
        Saying saying() {
            try {
                return new Saying(
                        words, soundId, drawing.filter(JsonNode::isObject).map(DrawingJson::read), sign);
            } catch (IllegalArgumentException nothing) {
                throw Refusal.unfit(nothing.getMessage());
            }
        }
    }

    /** The set work of the reader's classes, the latest due first. */
    @GetMapping("/api/set-work")
    List<SetWorkLine> setWork(@AuthenticationPrincipal Person reader) {
        requireTeacher(reader);
        return setWorks.visibleTo(reader).stream()
                .map(work -> line(reader, work))
                .toList();
    }

    @PutMapping("/api/set-work/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void set(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SetWorkBody body) {
        setWorks.set(reader, body.work(id, reader.id()));
    }

    /** Who has handed in and who has not. */
    @GetMapping("/api/set-work/{id}/register")
    RegisterView register(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return register.of(reader, setWorks.requireTaught(reader, id));
    }

    /** What was sent to a class's teachers unasked. */
    @GetMapping("/api/classes/{id}/unasked")
    RegisterView unasked(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return register.unasked(reader, id);
    }

    /** All students of the reader's classes against all of their set work. */
    @GetMapping("/api/register")
    OverviewView overview(@AuthenticationPrincipal Person reader) {
        requireTeacher(reader);
        return register.overview(reader);
    }

    /** The figures of set work as CSV. */
    @GetMapping("/api/set-work/{id}/numbers.csv")
    ResponseEntity<byte[]> numbers(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var work = setWorks.requireTaught(reader, id);
        return Download.csv(work.title(), register.numbers(reader, work));
    }

    record SeveralBody(List<UUID> handIns) {}

    /** Sends several versions back at once; all of them or none. */
    @PostMapping("/api/set-work/{id}/sent-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sendSeveralBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SeveralBody body) {
        setWorks.requireTaught(reader, id);
        checking.sendBack(reader, body.handIns());
    }

    record JudgedBody(Optional<Integer> level) {}

    /** Judges a version by a criterion of its set work, both counted from 0; no level takes it back. */
    @PutMapping("/api/hand-ins/{id}/levels/{criterion}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void judge(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable int criterion,
            @RequestBody JudgedBody body) {
        checking.judge(reader, id, criterion, body.level());
    }

    @PostMapping("/api/hand-ins/{id}/open")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        checking.open(reader, id);
    }

    @PutMapping("/api/hand-ins/{id}/remarks/{remark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remark(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID remark,
            @RequestBody RemarkBody body) {
        checking.remark(reader, new Remarks.Wish(remark, id, body.anchor().anchor(), body.saying(), body.goesBackTo()));
    }

    @DeleteMapping("/api/hand-ins/{id}/remarks/{remark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID remark) {
        checking.withdraw(reader, id, remark);
    }

    @PostMapping("/api/hand-ins/{id}/checked")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void markChecked(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        checking.markChecked(reader, id);
    }

    @PostMapping("/api/hand-ins/{id}/sent-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sendBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        checking.sendBack(reader, id);
    }

    private SetWorkLine line(Person reader, SetWork work) {
        var all = store.of(List.of(work.id())).stream().filter(HandIn::counts).toList();
        var students = people.studentsOf(work.classId());
        var in = students.stream()
                .filter(student -> all.stream().anyMatch(handIn -> handIn.isBy(student.id())))
                .count();
        var waiting =
                all.stream().filter(handIn -> !handIn.state().isReturned()).count();
        return new SetWorkLine(mapper.view(reader, work), students.size(), (int) in, (int) waiting);
    }

    private static void requireTeacher(Person reader) {
        if (!reader.isTeacher()) {
            throw Refusal.notFound("place");
        }
    }
}
