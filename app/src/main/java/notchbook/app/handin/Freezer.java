package notchbook.app.handin;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.notebook.Entry;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.SectionContents;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.Reflection;
import notchbook.app.reflection.Reflections;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.reflection.Prompt;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.Words;
import org.springframework.stereotype.Component;

/** Makes the frozen copy of a section: its pages, and the weekly reflections that look back on its work. */
@Component
class Freezer {
    private static final Map<String, String> EXTENSIONS = Map.of(
            "image/jpeg",
            "jpg",
            "image/png",
            "png",
            "audio/wav",
            "wav",
            "audio/ogg",
            "ogg",
            "audio/webm",
            "webm",
            "audio/mpeg",
            "mp3");

    private final Reflections reflections;
    private final Syllabi syllabi;
    private final Media media;
    private final SchoolYears years;
    private final SchoolClock clock;

    Freezer(Reflections reflections, Syllabi syllabi, Media media, SchoolYears years, SchoolClock clock) {
        this.reflections = reflections;
        this.syllabi = syllabi;
        this.media = media;
        this.years = years;
        this.clock = clock;
    }

    Frozen freeze(Person student, SectionContents section) {
        var edition = syllabi.edition(section.notebook().editionId());
        var items = media.findAll(section.entries().stream()
                .flatMap(entry -> entry.mediaId().stream())
                .toList());
        var paths = new HashMap<String, UUID>();
        items.values().forEach(item -> paths.put(path(item), item.id()));
        return new Frozen(
                new Sealed.Cover(
                        section.section().title(),
                        student.fullName(),
                        section.notebook().title(),
                        syllabi.requireInfo(student, section.notebook().editionId())
                                .code(),
                        clock.now()),
                section.pages().stream()
                        .map(page -> page(page, section.entriesOn(page), edition, items))
                        .toList(),
                reflectionsOn(section).stream()
                        .map(reflection -> reflection(reflection, section))
                        .toList(),
                paths);
    }

    /** The written reflections that look back on an entry of the section, in the order of weeks. */
    List<Reflection> reflectionsOn(SectionContents section) {
        var inside = section.entries().stream().map(Entry::id).toList();
        return reflections.of(section.notebook()).reversed().stream()
                .filter(reflection -> reflection.choices().stream().anyMatch(inside::contains))
                .toList();
    }

    Optional<Integer> weekOf(LocalDate day) {
        var week = years.yearOf(day).teachingWeekOf(day);
        return week.isPresent() ? Optional.of(week.getAsInt()) : Optional.empty();
    }

    private Sealed.Page page(Page page, List<Entry> entries, Edition edition, Map<UUID, MediaItem> items) {
        return new Sealed.Page(
                page.id(),
                page.title(),
                page.day(),
                weekOf(page.day()),
                Optional.of(page.pattern()),
                entries.stream().map(entry -> entry(entry, edition, items)).toList());
    }

    private static Sealed.Entry entry(Entry entry, Edition edition, Map<UUID, MediaItem> items) {
        return new Sealed.Entry(
                entry.id(),
                Optional.of(entry.place().zone()),
                entry.place().beside(),
                entry.kind(),
                entry.content(),
                entry.caption(),
                entry.place().width(),
                edition.nodes()
                        .filter(node -> entry.notches().contains(node.id()))
                        .map(SyllabusNode::code)
                        .toList(),
                entry.mediaId(),
                entry.mediaId().map(items::get).map(Freezer::path));
    }

    private Sealed.Reflection reflection(Reflection reflection, SectionContents section) {
        var title = weekOf(reflection.monday())
                .map(week -> "Week " + week + ", looking back")
                .orElse("Looking back");
        return new Sealed.Reflection(
                title,
                IntStream.range(0, Prompt.WEEKLY.size())
                        .mapToObj(i -> new Sealed.Answer(
                                Prompt.WEEKLY.get(i).question(),
                                reflection.answers().get(i),
                                Words.count(reflection.answers().get(i))))
                        .toList(),
                section.entries().stream()
                        .filter(entry -> reflection.choices().contains(entry.id()))
                        .map(entry -> entry.name())
                        .toList());
    }

    private static String path(MediaItem item) {
        return "media/" + item.id() + "." + EXTENSIONS.getOrDefault(item.type(), "bin");
    }
}
