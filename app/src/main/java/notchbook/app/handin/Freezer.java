package notchbook.app.handin;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.contents.SectionContents;
import notchbook.app.entry.Entry;
import notchbook.app.link.LinkCard;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.notebook.Page;
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
    private final Reflections reflections;
    private final Syllabi syllabi;
    private final Media media;
    private final LinkCards links;
    private final SchoolYears years;
    private final SchoolClock clock;

    Freezer(
            Reflections reflections,
            Syllabi syllabi,
            Media media,
            LinkCards links,
            SchoolYears years,
            SchoolClock clock) {
        this.reflections = reflections;
        this.syllabi = syllabi;
        this.media = media;
        this.links = links;
        this.years = years;
        this.clock = clock;
    }

    Frozen freeze(Person student, SectionContents section) {
        var edition = syllabi.edition(
                section.notebook().editionId(), section.notebook().id());
        var cards = links.of(
                student.id(),
                section.entries().stream()
                        .flatMap(entry -> entry.address().stream())
                        .toList());
        var pictures = cards.values().stream().flatMap(card -> card.pictureId().stream());
        var contents = section.entries().stream().flatMap(entry -> entry.shownMedia().stream());
        var items = media.findAll(Stream.concat(contents, pictures).toList());
        var paths = new HashMap<String, UUID>();
        items.values().forEach(item -> paths.put(MediaPath.of(item), item.id()));
        return new Frozen(
                new Sealed.Cover(
                        section.section().title(),
                        student.fullName(),
                        section.notebook().title(),
                        syllabi.requireInfo(student, section.notebook().editionId())
                                .code(),
                        clock.now()),
                section.pages().stream()
                        .map(page -> page(page, section.entriesOn(page), edition, new Attachments(items, cards)))
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

    private Sealed.Page page(Page page, List<Entry> entries, Edition edition, Attachments attachments) {
        return new Sealed.Page(
                page.id(),
                page.title(),
                page.day(),
                weekOf(page.day()),
                Optional.of(page.pattern()),
                entries.stream()
                        .map(entry -> entry(entry, edition, attachments))
                        .toList());
    }

    private static Sealed.Entry entry(Entry entry, Edition edition, Attachments attachments) {
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
                entry.mediaId().flatMap(attachments::path),
                entry.address().flatMap(attachments::card));
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

    /** Contents by id and cards by address, as they go along with the pages. */
    private record Attachments(Map<UUID, MediaItem> items, Map<String, LinkCard> cards) {
        Optional<String> path(UUID id) {
            return Optional.ofNullable(items.get(id)).map(MediaPath::of);
        }

        Optional<Sealed.Card> card(String address) {
            return Optional.ofNullable(cards.get(address))
                    .map(card -> new Sealed.Card(
                            card.title(),
                            card.description(),
                            card.site(),
                            card.pictureId(),
                            card.pictureId().flatMap(this::path)));
        }
    }
}
