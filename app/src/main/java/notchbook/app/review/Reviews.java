package notchbook.app.review;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.coverage.Coverages;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.mark.EntryMark;
import notchbook.app.mark.Marks;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.review.Card;
import notchbook.core.review.Fold;
import notchbook.core.review.FoldedEntry;
import notchbook.core.review.OwnWordsOnPage;
import notchbook.core.review.Round;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.OwnWords;
import notchbook.formats.document.DocumentJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looking at a page again. */
@Service
public class Reviews {
    private final Pages pages;
    private final NotebookEntries notebookEntries;
    private final Sections sections;
    private final Notebooks notebooks;
    private final Marks marks;
    private final Coverages coverages;
    private final Syllabi syllabi;
    private final CueStore cues;
    private final SchoolClock clock;

    Reviews(
            Pages pages,
            NotebookEntries notebookEntries,
            Sections sections,
            Notebooks notebooks,
            Marks marks,
            Coverages coverages,
            Syllabi syllabi,
            CueStore cues,
            SchoolClock clock) {
        this.pages = pages;
        this.notebookEntries = notebookEntries;
        this.sections = sections;
        this.notebooks = notebooks;
        this.marks = marks;
        this.coverages = coverages;
        this.syllabi = syllabi;
        this.cues = cues;
        this.clock = clock;
    }

    /** A page's fold and its cues, with how each cue went last time. */
    record Review(Fold fold, List<Card> cards, Map<UUID, Boolean> lastKnown) {}

    @Transactional(readOnly = true)
    Review of(Person reader, UUID pageId) {
        var page = pages.require(reader, pageId);
        var entries = folded(reader, page);
        var lastKnown = cues.lastKnown(entries.stream().map(FoldedEntry::id).toList());
        return new Review(Fold.of(page.pattern(), entries), Card.of(page.pattern(), entries, lastKnown), lastKnown);
    }

    /** How far the texts of a page are in the student's own words, where a source lies beside them. */
    @Transactional(readOnly = true)
    public Map<UUID, OwnWords> ownWords(Person reader, UUID pageId) {
        var page = pages.require(reader, pageId);
        return OwnWordsOnPage.measure(page.pattern(), folded(reader, page));
    }

    /** Keeps how the cues went; topics of which every cue was known count as looked at again today. */
    @Transactional
    void keepRound(Person reader, UUID pageId, Map<UUID, Boolean> isKnown) {
        var page = pages.require(reader, pageId);
        var notebook = notebookOf(reader, page);
        var now = clock.now();
        var asked = of(reader, pageId).cards().stream()
                .filter(card -> isKnown.containsKey(card.cue()))
                .map(card -> new Round.Asked(card.cue(), isKnown.get(card.cue()), card.topics()))
                .toList();
        asked.forEach(cue -> cues.insert(cue.cue(), now, cue.isKnown()));
        new Round(asked).lookedAgain().forEach(topic -> coverages.lookedAgain(reader, notebook.id(), topic));
    }

    private List<FoldedEntry> folded(Person reader, Page page) {
        var entries = notebookEntries.on(page);
        var notebook = notebookOf(reader, page);
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var marked = marks.on(entries).stream().collect(groupingBy(EntryMark::entryId));
        return entries.stream()
                .map(entry -> new FoldedEntry(
                        entry.id(),
                        entry.place().zone(),
                        name(entry),
                        Optional.of(entry)
                                .filter(one -> one.kind() == EntryKind.TYPED)
                                .map(one -> DocumentJson.read(one.content())),
                        marked.getOrDefault(entry.id(), List.of()).stream()
                                .map(EntryMark::mark)
                                .toList(),
                        entry.place().beside(),
                        entry.notches().stream()
                                .flatMap(key -> edition.topicOf(key).stream())
                                .map(SyllabusNode::id)
                                .collect(toSet())))
                .toList();
    }

    private static String name(Entry entry) {
        return entry.name();
    }

    private Notebook notebookOf(Person reader, Page page) {
        return notebooks.require(
                reader, sections.require(reader, page.sectionId()).notebookId());
    }
}
