package notchbook.app.reflection;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.coverage.Evidence;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.LookedAt;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.PromptSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looking back on single pieces of work. */
@Service
public class LookBacks {
    private static final int LONGEST_TITLE = 300;

    private final LookBackStore store;
    private final SealedPieces versions;
    private final PromptSets prompts;
    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Pages pages;
    private final People people;
    private final SchoolClock clock;

    LookBacks(
            LookBackStore store,
            SealedPieces versions,
            PromptSets prompts,
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Pages pages,
            People people,
            SchoolClock clock) {
        this.store = store;
        this.versions = versions;
        this.prompts = prompts;
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
        this.pages = pages;
        this.people = people;
        this.clock = clock;
    }

    /** What a student wants to look back on, by which set of prompts (by ours without one). */
    public record Wish(UUID id, UUID notebookId, LookedAt on, Optional<UUID> setId) {}

    /** Answers as a device has them now, with the questions that they answer and the version that they were made from. */
    public record Change(int baseVersion, List<String> questions, List<Answer> answers) {}

    /** All of a notebook, the latest first. */
    public List<LookBack> of(Notebook notebook) {
        return store.in(notebook.id());
    }

    /** Those on a page of the reader's own and on what is on it. */
    List<LookBack> on(Person reader, UUID pageId) {
        var page = pages.require(reader, pageId);
        var entries = notebookEntries.on(page).stream().map(Entry::id).toList();
        return store.on(pageId, entries);
    }

    /** One of a notebook of the reader's own, also one that was deleted. */
    Optional<LookBack> find(Person reader, UUID notebookId, UUID id) {
        var notebook = notebooks.require(reader, notebookId);
        var found = store.find(id);
        if (found.filter(one -> !one.notebookId().equals(notebook.id())).isPresent()) {
            throw Refusal.notFound("looking back");
        }
        return found;
    }

    /** What a wish would begin; nothing of it is kept yet. */
    LookBack begin(Person reader, Wish wish) {
        var notebook = notebooks.require(reader, wish.notebookId());
        var asked = wish.setId().map(id -> set(notebook, id).prompts()).orElse(Prompt.ON_A_PIECE);
        return new LookBack(
                wish.id(),
                notebook.id(),
                wish.on(),
                title(reader, notebook, wish.on()),
                asked,
                Answer.noneOf(asked),
                0,
                clock.today());
    }

    private PromptSet set(Notebook notebook, UUID id) {
        return prompts.onAPiece(notebook).stream()
                .filter(set -> set.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("set of questions"));
    }

    /** What the piece is called; a piece that is not the reader's does not exist. */
    private String title(Person reader, Notebook notebook, LookedAt on) {
        var title =
                switch (on) {
                    case LookedAt.OfEntries(var entries) -> titleOf(notebook, entries);
                    case LookedAt.OfPage(var page) ->
                        requirePage(reader, notebook, page).title();
                    case LookedAt.OfVersion(var version) ->
                        versions.find(reader, version)
                                .filter(piece -> piece.notebookId().equals(notebook.id()))
                                .orElseThrow(() -> Refusal.notFound("version"))
                                .title();
                };
        return title.substring(0, Math.min(LONGEST_TITLE, title.length()));
    }

    private String titleOf(Notebook notebook, List<UUID> ids) {
        var found = notebookEntries.among(List.of(notebook.id()), ids);
        if (found.size() < ids.size()) {
            throw Refusal.notFound("entry");
        }
        var first = found.stream()
                .filter(entry -> entry.id().equals(ids.getFirst()))
                .findFirst()
                .orElseThrow();
        return ids.size() == 1 ? first.name() : first.name() + " and " + (ids.size() - 1) + " more";
    }

    private Page requirePage(Person reader, Notebook notebook, UUID pageId) {
        var page = pages.require(reader, pageId);
        if (notebooks.pages(notebook).stream().noneMatch(one -> one.id().equals(pageId))) {
            throw Refusal.notFound("page");
        }
        return page;
    }

    /** Keeps answers; a change from an older version than the one that is there is refused with what is there. */
    @Transactional
    public LookBack keep(Person reader, Wish wish, Change change) {
        var before = find(reader, wish.notebookId(), wish.id()).orElseGet(() -> begin(reader, wish));
        if (!before.questions().equals(change.questions())) {
            throw before.stale("This asks other questions now.");
        }
        var now = new LookBack(
                before.id(),
                before.notebookId(),
                before.on(),
                before.title(),
                before.prompts(),
                change.answers(),
                before.version() + 1,
                before.writtenOn());
        now.check();
        if (before.version() > 0 && before.answers().equals(now.answers())) {
            return before;
        }
        if (before.version() != change.baseVersion()) {
            throw before.stale("This was changed in another place too.");
        }
        if (before.version() == 0) {
            store.insert(now);
        } else {
            store.update(now);
        }
        return now;
    }

    @Transactional
    void delete(Person reader, UUID id) {
        store.delete(requireOwn(reader, id).id(), clock.now());
    }

    @Transactional
    void restore(Person reader, UUID id) {
        store.restore(requireOwn(reader, id).id());
    }

    private LookBack requireOwn(Person reader, UUID id) {
        var found = store.find(id).orElseThrow(() -> Refusal.notFound("looking back"));
        notebooks.require(reader, found.notebookId());
        return found;
    }

    /** The live entries of each piece, in the order in which they were made, by what looks back on it. */
    Map<UUID, List<Entry>> pieces(Notebook notebook, List<LookBack> all) {
        var named = all.stream().collect(toMap(LookBack::id, one -> named(notebook, one.on())));
        var entries = Stream.concat(
                        notebookEntries
                                .among(
                                        List.of(notebook.id()),
                                        named.values().stream()
                                                .flatMap(Set::stream)
                                                .collect(toSet()))
                                .stream(),
                        onPages(notebook, all).stream())
                .distinct()
                .sorted(comparing(Entry::madeAt))
                .toList();
        return all.stream().collect(toMap(LookBack::id, one -> entries.stream()
                .filter(entry -> named.get(one.id()).contains(entry.id())
                        || one.on().equals(new LookedAt.OfPage(entry.place().pageId())))
                .toList()));
    }

    /** The entries that a piece names itself; a page names none. */
    private Set<UUID> named(Notebook notebook, LookedAt on) {
        return switch (on) {
            case LookedAt.OfEntries(var ids) -> Set.copyOf(ids);
            case LookedAt.OfPage ignored -> Set.of();
            case LookedAt.OfVersion(var version) ->
                people.find(notebook.ownerId())
                        .flatMap(owner -> versions.find(owner, version))
                        .map(SealedPieces.SealedPiece::entries)
                        .orElse(Set.of());
        };
    }

    private List<Entry> onPages(Notebook notebook, List<LookBack> all) {
        var pages = all.stream()
                .flatMap(one -> one.on() instanceof LookedAt.OfPage(var page) ? Stream.of(page) : Stream.empty())
                .collect(toSet());
        return pages.isEmpty()
                ? List.of()
                : notebookEntries
                        .on(notebooks.pages(notebook).stream()
                                .filter(page -> pages.contains(page.id()))
                                .toList())
                        .values()
                        .stream()
                        .flatMap(List::stream)
                        .toList();
    }

    /** Written ones that look back on some of this work, the earliest first. */
    public List<LookBack> on(Notebook notebook, Collection<Entry> work) {
        var inside = work.stream().map(Entry::id).collect(toSet());
        var written = written(notebook);
        var pieces = pieces(notebook, written);
        return written.reversed().stream()
                .filter(one -> pieces.get(one.id()).stream().map(Entry::id).anyMatch(inside::contains))
                .toList();
    }

    /** What written ones are evidence for: all that their piece is notched to. */
    public List<Evidence> evidence(Notebook notebook) {
        var written = written(notebook);
        var pieces = pieces(notebook, written);
        return written.stream()
                .map(one ->
                        new Evidence(one.id(), EvidenceKind.REFLECTION, one.writtenOn(), notches(pieces.get(one.id()))))
                .filter(evidence -> !evidence.notches().isEmpty())
                .toList();
    }

    /** The live entries that written ones look back on. */
    public Set<UUID> lookedAt(Notebook notebook) {
        return pieces(notebook, written(notebook)).values().stream()
                .flatMap(piece -> piece.stream().map(Entry::id))
                .collect(toSet());
    }

    private List<LookBack> written(Notebook notebook) {
        return of(notebook).stream().filter(Answering::isWritten).toList();
    }

    private static Set<UUID> notches(List<Entry> piece) {
        return piece.stream()
                .filter(entry -> !entry.isEmpty())
                .flatMap(entry -> entry.notches().stream())
                .collect(toSet());
    }
}
