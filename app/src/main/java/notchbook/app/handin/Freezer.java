package notchbook.app.handin;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.Entry;
import notchbook.app.link.LinkCard;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaPath;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.Answering;
import notchbook.app.reflection.Reflection;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.view.ViewsOnPages;
import notchbook.core.handin.GoesAlong;
import notchbook.core.notebook.Zone;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Resolve;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.Words;
import org.springframework.stereotype.Component;

/** Makes the frozen copy of what was gathered: its pages, and the weekly reflections that look back on its work. */
@Component
class Freezer {
    private final Syllabi syllabi;
    private final Media media;
    private final SentMedia sent;
    private final LinkCards links;
    private final SheetNames names;
    private final SchoolYears years;
    private final OwnThings own;
    private final ViewsOnPages views;
    private final CitedWorks citedWorks;
    private final SchoolClock clock;

    Freezer(
            Syllabi syllabi,
            Media media,
            SentMedia sent,
            LinkCards links,
            SheetNames names,
            SchoolYears years,
            OwnThings own,
            ViewsOnPages views,
            CitedWorks citedWorks,
            SchoolClock clock) {
        this.syllabi = syllabi;
        this.media = media;
        this.sent = sent;
        this.links = links;
        this.names = names;
        this.years = years;
        this.own = own;
        this.views = views;
        this.citedWorks = citedWorks;
        this.clock = clock;
    }

    /**
     * Freezes what was gathered, under the names of who made it; the first of them has the notebook. {@code smaller} are the
     * pictures and sounds that go along as their smaller copies.
     */
    Frozen freeze(List<Person> authors, Gathered work, GoesAlong along, Set<UUID> smaller) {
        var student = authors.getFirst();
        var editions = work.notebooks().stream()
                .map(notebook -> syllabi.edition(notebook.editionId(), notebook.id()))
                .toList();
        var edition = editions.getFirst();
        var entries = work.pieces();
        var cards = links.of(
                student.id(),
                entries.stream().flatMap(entry -> entry.address().stream()).toList());
        var pictures = cards.values().stream().flatMap(card -> card.pictureId().stream());
        var contents = entries.stream().flatMap(entry -> entry.shownMedia().stream());
        var going = work.pages().stream()
                .flatMap(page -> sent(page, work.entriesOn(page), along).stream())
                .toList();
        var cited = citedWorks.in(student, going);
        var seen = views.asTheyAre(student, entries);
        var inViews = seen.values().stream().flatMap(view -> view.pictures().stream());
        var items = media.findAll(
                Stream.of(contents, pictures, inViews).flatMap(some -> some).toList());
        var paths = sent.paths(items.values(), smaller);
        var attachments =
                new Attachments(sent.byId(paths), cards, own.of(student, entries, along), seen, cited, editions);
        return new Frozen(
                new Sealed.Cover(
                        work.title(),
                        authors.stream().map(Person::fullName).collect(joining(" and ")),
                        work.notebooks().stream().map(Notebook::title).collect(joining(", ")),
                        syllabi.requireInfo(student, work.notebook().editionId())
                                .code(),
                        clock.now()),
                Stream.concat(
                                work.pages().stream()
                                        .map(page -> page(page, sent(page, work.entriesOn(page), along), attachments)),
                                citedWorks.page(work.title(), cited).stream())
                        .toList(),
                Stream.concat(
                                work.reflections().stream()
                                        .map(sheet -> reflection(names.of(sheet), sheet, entries, edition)),
                                along.lookBacks()
                                        ? work.lookBacks().stream()
                                                .map(one -> reflection(names.of(one), one, entries, edition))
                                        : Stream.empty())
                        .toList(),
                paths);
    }

    /** The cues of a page are there to ask oneself by; they go along where that is wanted. */
    private static List<Entry> sent(Page page, List<Entry> entries, GoesAlong along) {
        return entries.stream()
                .filter(entry -> along.cues()
                        || page.pattern().zoneOf(entry.place().zone()).role() != Zone.Role.CUES)
                .toList();
    }

    private Sealed.Page page(Page page, List<Entry> entries, Attachments attachments) {
        return new Sealed.Page(
                page.id(),
                page.title(),
                page.day(),
                years.teachingWeekOf(page.day()),
                Optional.of(page.pattern()),
                entries.stream().map(entry -> entry(page, entry, attachments)).toList());
    }

    private static Sealed.Entry entry(Page page, Entry entry, Attachments attachments) {
        return new Sealed.Entry(
                entry.id(),
                Optional.of(entry.place().zone()),
                entry.place().beside(),
                entry.kind(),
                attachments.content(entry),
                entry.caption(),
                entry.place().width(),
                attachments.codes(entry),
                entry.mediaId(),
                entry.mediaId().flatMap(attachments::path),
                entry.address().flatMap(attachments::card),
                attachments.own(entry.id()),
                Optional.of(entry.place().pageId()).filter(from -> !from.equals(page.id())));
    }

    private static Sealed.Reflection reflection(
            String title, Answering reflection, List<Entry> entries, Edition edition) {
        var here = entries.stream().map(Entry::id).collect(toSet());
        return new Sealed.Reflection(
                title,
                Stream.concat(
                                reflection.answered().stream().map(one -> answer(one, here, edition)),
                                reflection instanceof Reflection sheet ? resolved(sheet.resolve()) : Stream.empty())
                        .toList(),
                entries.stream()
                        .filter(entry -> reflection.pieces().contains(entry.id()))
                        .map(Entry::name)
                        .toList());
    }

    private static Sealed.Answer answer(Answering.Answered one, Set<UUID> here, Edition edition) {
        var answer = one.answer();
        return new Sealed.Answer(
                one.prompt().question(),
                Stream.of(given(one, edition), answer.words())
                        .filter(words -> !words.isBlank())
                        .collect(joining("\n\n")),
                Words.count(answer.words()),
                Optional.of(answer.shown().stream().filter(here::contains).toList()));
    }

    /** What was given beside words, as it is read: a topic by its code and title, how sure as one of four. */
    private static String given(Answering.Answered one, Edition edition) {
        var given = one.answer().given();
        if (given.isEmpty()) {
            return "";
        }
        return switch (one.prompt().asks()) {
            case TOPIC ->
                edition.find(UUID.fromString(given)).map(SyllabusNode::name).orElse("");
            case RATING -> given + " of 4";
            case NUMBER, WORDS, PIECE -> given;
        };
    }

    /** What became of the last intention, and the next one, where the sheet says so. */
    private static Stream<Sealed.Answer> resolved(Resolve resolve) {
        var became = Stream.of(resolve.outcome().map(Outcome::words).orElse(""), resolve.about())
                .filter(words -> !words.isBlank())
                .collect(joining(": "));
        return Stream.of(
                        words("What became of what I meant to do?", became),
                        words("What do I mean to do next?", resolve.next()))
                .filter(answer -> !answer.text().isBlank());
    }

    private static Sealed.Answer words(String question, String text) {
        return new Sealed.Answer(question, text, Words.count(text), Optional.empty());
    }

    /**
     * Contents by id, cards by address, what is the student's own and views of collections by entry, as they go along with the pages; and
     * the editions that these are keyed to.
     */
    private record Attachments(
            Map<UUID, MediaItem> items,
            Map<String, LinkCard> cards,
            Map<UUID, Sealed.Own> own,
            Map<UUID, ViewsOnPages.AsItWas> views,
            CitedWorks.Works cited,
            List<Edition> editions) {
        /** What lives outside the entry is sealed with it as it is now. */
        String content(Entry entry) {
            return Optional.ofNullable(views.get(entry.id()))
                    .map(ViewsOnPages.AsItWas::content)
                    .orElseGet(() -> cited.content(entry));
        }

        List<String> codes(Entry entry) {
            return editions.stream()
                    .flatMap(Edition::nodes)
                    .filter(node -> entry.notches().contains(node.id()))
                    .map(SyllabusNode::code)
                    .distinct()
                    .toList();
        }

        Optional<Sealed.Own> own(UUID entryId) {
            return Optional.ofNullable(own.get(entryId));
        }

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
