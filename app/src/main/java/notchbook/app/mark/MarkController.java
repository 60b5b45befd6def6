package notchbook.app.mark;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Pages;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.MarkKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MarkController {
    private final Marks marks;
    private final Pages pages;
    private final NotebookEntries notebookEntries;
    private final SchoolYears years;
    private final SchoolClock clock;

    MarkController(Marks marks, Pages pages, NotebookEntries notebookEntries, SchoolYears years, SchoolClock clock) {
        this.marks = marks;
        this.pages = pages;
        this.notebookEntries = notebookEntries;
        this.years = years;
        this.clock = clock;
    }

    record TopicName(UUID id, String code, String title) {}

    /** A mark where it stands, with its words, the topics it belongs to and the week of its page, or of the day on which its thing was kept. */
    record GatheredView(
            MarkView mark,
            String words,
            WhereView where,
            LocalDate day,
            LocalDate monday,
            Optional<Integer> week,
            List<TopicName> topics) {}

    @GetMapping("/api/pages/{id}/marks")
    List<MarkView> onPage(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var page = pages.require(reader, id);
        return marks.on(notebookEntries.on(page)).stream()
                .map(placed -> MarkView.of(placed.entryId(), placed.mark()))
                .toList();
    }

    @PutMapping("/api/entries/{entry}/marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID entry,
            @PathVariable UUID id,
            @RequestBody MarkBody body) {
        marks.put(reader, entry, body.mark(id, clock.now()));
    }

    @DeleteMapping("/api/entries/{entry}/marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person reader, @PathVariable UUID entry, @PathVariable UUID id) {
        marks.remove(reader, entry, id);
    }

    /** The marks of all the reader's notebooks, or of one; each further parameter narrows them. */
    @GetMapping("/api/marks")
    List<GatheredView> gathered(
            @AuthenticationPrincipal Person reader,
            @RequestParam Optional<UUID> notebook,
            @RequestParam Optional<MarkKind> kind,
            @RequestParam Optional<UUID> own,
            @RequestParam Optional<UUID> topic,
            @RequestParam Optional<LocalDate> monday,
            @RequestParam Optional<Boolean> open) {
        reader.requireStudent();
        return marks.gathered(reader, notebook, new Gathering.Wish(kind, own, topic, monday, open)).stream()
                .map(this::view)
                .toList();
    }

    private GatheredView view(PlacedMark one) {
        return new GatheredView(
                MarkView.of(one.where().on(), one.mark()),
                one.words(),
                WhereView.of(one.where()),
                one.where().day(),
                one.placed().monday(),
                years.teachingWeekOf(one.where().day()),
                one.topics().stream()
                        .map(topic -> new TopicName(topic.id(), topic.code(), topic.title()))
                        .toList());
    }
}
