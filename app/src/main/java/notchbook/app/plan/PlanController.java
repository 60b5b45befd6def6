package notchbook.app.plan;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.Edition;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class PlanController {
    /** A plan is a small table. In bytes. */
    private static final long LARGEST_FILE = 1_000_000;

    private final Plans plans;
    private final Notebooks notebooks;
    private final People people;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    PlanController(Plans plans, Notebooks notebooks, People people, Syllabi syllabi, SchoolClock clock) {
        this.plans = plans;
        this.notebooks = notebooks;
        this.people = people;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** Teaching weeks, both included. */
    record WeeksBody(int first, int last) {}

    /** A topic with the weeks that its class plans for it and those that the student shifted it to. */
    record PlannedTopicView(UUID id, String code, String title, Optional<WeeksBody> planned, Optional<WeeksBody> own) {}

    record PlanSheetView(String name, int weeks, Optional<Integer> week, List<PlannedTopicView> topics) {}

    @GetMapping("/api/classes/{id}/plan")
    PlanSheetView ofClass(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var name = people.requireTaught(reader, id).name();
        var edition = plans.editionOfClass(reader, id);
        return view(name, edition, plans.of(id, edition), Map.of());
    }

    @PutMapping("/api/classes/{id}/plan/{topic}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void plan(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID topic,
            @RequestBody WeeksBody body) {
        plans.plan(reader, id, topic, new WeekRange(body.first(), body.last()));
    }

    @DeleteMapping("/api/classes/{id}/plan/{topic}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unplan(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID topic) {
        plans.unplan(reader, id, topic);
    }

    @GetMapping("/api/classes/{id}/plan.csv")
    ResponseEntity<byte[]> write(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return Download.csv("Plan", plans.write(reader, id));
    }

    @PostMapping(path = "/api/classes/{id}/plan.csv", consumes = "multipart/form-data")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestPart MultipartFile file)
            throws IOException {
        if (file.getSize() > LARGEST_FILE) {
            throw Refusal.unfit("This file is larger than 1 MB. A plan is a small table: is it the right file?");
        }
        plans.read(reader, id, file.getBytes());
    }

    @GetMapping("/api/notebooks/{id}/plan")
    PlanSheetView ofNotebook(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var notebook = notebooks.require(reader, id);
        var edition = syllabi.edition(notebook.editionId(), id);
        return view(notebook.title(), edition, plans.ofClass(notebook, edition), plans.own(notebook));
    }

    @PutMapping("/api/notebooks/{id}/plan/{topic}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void shift(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID topic,
            @RequestBody WeeksBody body) {
        plans.shift(reader, id, topic, new WeekRange(body.first(), body.last()));
    }

    /** Back to the weeks of the class. */
    @DeleteMapping("/api/notebooks/{id}/plan/{topic}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unshift(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID topic) {
        plans.unshift(reader, id, topic);
    }

    private PlanSheetView view(String name, Edition edition, Map<UUID, WeekRange> planned, Map<UUID, WeekRange> own) {
        var year = plans.year();
        return new PlanSheetView(
                name,
                year.teachingWeekCount(),
                number(year.teachingWeekOf(clock.today())),
                edition.topics()
                        .map(topic -> new PlannedTopicView(
                                topic.id(),
                                topic.code(),
                                topic.title(),
                                weeks(planned.get(topic.id())),
                                weeks(own.get(topic.id()))))
                        .toList());
    }

    private static Optional<WeeksBody> weeks(@Nullable WeekRange range) {
        return Optional.ofNullable(range).map(one -> new WeeksBody(one.first(), one.last()));
    }

    private static Optional<Integer> number(OptionalInt week) {
        return week.isPresent() ? Optional.of(week.getAsInt()) : Optional.empty();
    }
}
