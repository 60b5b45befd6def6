package notchbook.app.reflection;

import static java.util.function.Predicate.not;

import java.util.List;
import notchbook.app.entry.EntryViews;
import notchbook.app.entry.Glimpses;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.reflection.LookBackViews.LookBackLine;
import notchbook.app.reflection.LookBackViews.LookBackView;
import notchbook.app.reflection.LookBackViews.LookedAtView;
import notchbook.app.reflection.LookBackViews.SetLine;
import org.springframework.stereotype.Component;

/** Puts together what lies on the desk while somebody looks back on a piece. */
@Component
class LookBackDesk {
    /** As much as says which one it is. */
    private static final int FIRST_LETTERS = 160;

    private final LookBacks lookBacks;
    private final PromptSets prompts;
    private final Fillings fillings;
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final EntryViews views;
    private final Glimpses glimpses;
    private final SheetPages homes;

    LookBackDesk(
            LookBacks lookBacks,
            PromptSets prompts,
            Fillings fillings,
            Notebooks notebooks,
            NotebookEntries entries,
            EntryViews views,
            Glimpses glimpses,
            SheetPages homes) {
        this.lookBacks = lookBacks;
        this.prompts = prompts;
        this.fillings = fillings;
        this.notebooks = notebooks;
        this.entries = entries;
        this.views = views;
        this.glimpses = glimpses;
        this.homes = homes;
    }

    List<LookBackLine> lines(Notebook notebook, List<LookBack> all) {
        var pieces = lookBacks.pieces(notebook, all);
        var measure = fillings.over(all);
        return all.stream()
                .map(one -> new LookBackLine(
                        one.id(),
                        one.notebookId(),
                        one.title(),
                        one.writtenOn(),
                        beginning(one),
                        measure.met(one),
                        one.prompts().size(),
                        glimpses.of(pieces.get(one.id())).stream().findFirst()))
                .toList();
    }

    LookBackView view(Person reader, LookBack one) {
        var notebook = notebooks.require(reader, one.notebookId());
        return new LookBackView(
                one.id(),
                one.notebookId(),
                LookedAtView.of(one.on()),
                one.title(),
                one.writtenOn(),
                one.version(),
                one.prompts(),
                one.answers(),
                views.of(reader.id(), lookBacks.pieces(notebook, List.of(one)).get(one.id())),
                glimpses.of(entries.among(List.of(notebook.id()), one.shown())),
                homes.of(notebook),
                prompts.onAPiece(notebook).stream()
                        .map(set -> new SetLine(set.id(), set.name()))
                        .toList());
    }

    private static String beginning(LookBack one) {
        var words = one.answers().stream()
                .map(answer -> answer.words().strip())
                .filter(not(String::isEmpty))
                .findFirst()
                .orElse("");
        return words.substring(0, Math.min(FIRST_LETTERS, words.length()));
    }
}
