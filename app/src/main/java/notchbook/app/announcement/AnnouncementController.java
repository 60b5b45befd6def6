package notchbook.app.announcement;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorks;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AnnouncementController {
    private final Announcements announcements;
    private final SetWorks setWorks;
    private final People people;

    AnnouncementController(Announcements announcements, SetWorks setWorks, People people) {
        this.announcements = announcements;
        this.setWorks = setWorks;
        this.people = people;
    }

    record AboutView(UUID setWork, String title) {}

    /** A word with how many of those whom it is for have read it, and the names of those who have not. */
    record SaidView(
            UUID id,
            String words,
            String by,
            Optional<AboutView> about,
            Instant saidAt,
            int readBy,
            List<String> unread,
            boolean isForSome) {}

    record SaidToView(String className, List<SaidView> said) {}

    record HeardView(
            UUID id,
            String words,
            String by,
            String className,
            Optional<AboutView> about,
            Instant saidAt,
            boolean isRead) {}

    record AnnouncementBody(String words, Optional<UUID> setWork) {}

    @GetMapping("/api/classes/{id}/announcements")
    SaidToView said(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var said = announcements.to(reader, id);
        var students = people.studentsOf(id);
        return new SaidToView(
                people.requireClass(reader, id).name(),
                said.all().stream()
                        .map(one -> said(one, said.readers().getOrDefault(one.id(), Set.of()), students))
                        .toList());
    }

    private SaidView said(Announcement one, Set<UUID> readers, List<Person> students) {
        var hearers =
                students.stream().filter(student -> one.isFor(student.id())).toList();
        var unread = hearers.stream()
                .filter(student -> !readers.contains(student.id()))
                .map(Person::fullName)
                .toList();
        return new SaidView(
                one.id(),
                one.words(),
                people.nameOf(one.by()),
                about(one),
                one.saidAt(),
                hearers.size() - unread.size(),
                unread,
                one.onlyFor().isPresent());
    }

    private Optional<AboutView> about(Announcement one) {
        return one.setWork().flatMap(setWorks::find).map(AnnouncementController::about);
    }

    private static AboutView about(SetWork work) {
        return new AboutView(work.id(), work.title());
    }

    @PutMapping("/api/classes/{id}/announcements/{announcement}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID announcement,
            @RequestBody AnnouncementBody body) {
        announcements.say(reader, id, announcement, body.words(), body.setWork());
    }

    @DeleteMapping("/api/classes/{id}/announcements/{announcement}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID announcement) {
        announcements.takeBack(reader, id, announcement);
    }

    /** What was said to the reader's classes in the last 30 days, the latest first. */
    @GetMapping("/api/announcements")
    List<HeardView> heard(@AuthenticationPrincipal Person reader) {
        var heard = announcements.heardBy(reader);
        return heard.all().stream()
                .map(one -> new HeardView(
                        one.id(),
                        one.words(),
                        people.nameOf(one.by()),
                        className(reader, one.classId()),
                        about(one),
                        one.saidAt(),
                        heard.readers().getOrDefault(one.id(), Set.of()).contains(reader.id())))
                .toList();
    }

    private String className(Person reader, UUID classId) {
        return people.classesOf(reader).stream()
                .filter(one -> one.id().equals(classId))
                .map(SchoolClass::name)
                .findFirst()
                .orElse("");
    }

    @PutMapping("/api/announcements/{id}/read")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        announcements.read(reader, id);
    }
}
