package notchbook.app.growth;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryViews;
import notchbook.app.entry.Glimpse;
import notchbook.app.entry.Glimpses;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.growth.GrowthViews.BesideView;
import notchbook.app.growth.GrowthViews.GrowthLine;
import notchbook.app.growth.GrowthViews.GrowthPiece;
import notchbook.app.growth.GrowthViews.GrowthView;
import notchbook.app.growth.GrowthViews.PairView;
import notchbook.app.growth.GrowthViews.ThenAndNowLine;
import notchbook.app.growth.GrowthViews.ThenAndNowView;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.growth.Pair;
import org.springframework.stereotype.Component;

/** Puts together what lies side by side while somebody looks at growth. */
@Component
class GrowthDesk {
    private final Pieces pieces;
    private final Growths growths;
    private final ThenAndNows kept;
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final EntryViews views;
    private final Glimpses glimpses;
    private final SchoolClock clock;

    GrowthDesk(
            Pieces pieces,
            Growths growths,
            ThenAndNows kept,
            Notebooks notebooks,
            NotebookEntries entries,
            EntryViews views,
            Glimpses glimpses,
            SchoolClock clock) {
        this.pieces = pieces;
        this.growths = growths;
        this.kept = kept;
        this.notebooks = notebooks;
        this.entries = entries;
        this.views = views;
        this.glimpses = glimpses;
        this.clock = clock;
    }

    /** Two pieces of a choice beside each other, the first and the latest where none are named. */
    GrowthView view(Person reader, Choice choice, Optional<Integer> earlier, Optional<Integer> later) {
        var ids = pieces.of(reader, choice);
        var within = pieces.notebooks(reader, choice);
        return switch (ids.size()) {
            case 0 -> new GrowthView(0, Optional.empty(), Optional.empty());
            case 1 ->
                new GrowthView(
                        1,
                        pieces.named(within, ids).stream()
                                .findFirst()
                                .map(entry -> piece(reader, 0, entry, home(within, entry))),
                        Optional.empty());
            default ->
                new GrowthView(
                        ids.size(),
                        Optional.empty(),
                        Optional.of(beside(reader, choice, within, ids, pair(earlier, later, ids.size()))));
        };
    }

    private static Pair pair(Optional<Integer> earlier, Optional<Integer> later, int count) {
        var widest = Pair.widest(count);
        var pair = new Pair(earlier.orElse(widest.earlier()), later.orElse(widest.later()));
        if (pair.later() >= count) {
            throw Refusal.notFound("piece");
        }
        return pair;
    }

    private BesideView beside(Person reader, Choice choice, List<Notebook> within, List<UUID> ids, Pair pair) {
        var both = pieces.named(within, List.of(ids.get(pair.earlier()), ids.get(pair.later())));
        var earlier = both.getFirst();
        var later = both.getLast();
        var home = home(within, later);
        return new BesideView(
                piece(reader, pair.earlier(), earlier, home(within, earlier)),
                piece(reader, pair.later(), later, home),
                growths.between(reader, home.notebook(), choice.node(), earlier, later),
                view(pair.before(ids.size())),
                view(pair.next(ids.size())),
                kept.of(reader, earlier.id(), later.id()).map(ThenAndNowView::of));
    }

    private static PairView view(Pair pair) {
        return new PairView(pair.earlier(), pair.later());
    }

    /** Where a piece is. */
    record Home(Notebook notebook, Page page) {}

    private Home home(List<Notebook> within, Entry entry) {
        return within.stream()
                .flatMap(notebook -> notebooks.pages(notebook).stream()
                        .filter(page -> page.id().equals(entry.place().pageId()))
                        .map(page -> new Home(notebook, page)))
                .findFirst()
                .orElseThrow();
    }

    private GrowthPiece piece(Person reader, int at, Entry entry, Home home) {
        return new GrowthPiece(
                at,
                views.of(reader.id(), List.of(entry)).getFirst(),
                entry.name(),
                clock.dayOf(entry.madeAt()),
                home.notebook().id(),
                home.notebook().title(),
                home.page().title());
    }

    /** Some pieces of a choice in order of time, from a place on. */
    List<GrowthLine> lines(Person reader, Choice choice, int from, int most) {
        var ids = pieces.of(reader, choice).stream().skip(from).limit(most).toList();
        var found = pieces.named(pieces.notebooks(reader, choice), ids);
        var seen = glimpses.of(found);
        return IntStream.range(0, found.size())
                .mapToObj(i -> new GrowthLine(
                        from + i, seen.get(i), clock.dayOf(found.get(i).madeAt())))
                .toList();
    }

    /** All pairs that a reader keeps, with what their pieces are known again by. */
    List<ThenAndNowLine> kept(Person reader) {
        reader.requireStudent();
        var all = kept.of(reader);
        var seen = glimpses
                .of(entries.among(
                        notebooks.of(reader).stream().map(Notebook::id).toList(),
                        all.stream()
                                .flatMap(pair -> Stream.of(pair.earlier(), pair.later()))
                                .toList()))
                .stream()
                .collect(toMap(Glimpse::id, identity()));
        return all.stream()
                .map(pair -> new ThenAndNowLine(
                        ThenAndNowView.of(pair),
                        Optional.ofNullable(seen.get(pair.earlier())),
                        Optional.ofNullable(seen.get(pair.later()))))
                .toList();
    }
}
