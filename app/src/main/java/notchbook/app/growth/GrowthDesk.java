package notchbook.app.growth;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.entry.Entries;
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
import notchbook.app.notebook.Pages;
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
    private final Entries own;
    private final Pages pages;
    private final EntryViews views;
    private final Glimpses glimpses;
    private final SchoolClock clock;

    GrowthDesk(
            Pieces pieces,
            Growths growths,
            ThenAndNows kept,
            Notebooks notebooks,
            NotebookEntries entries,
            Entries own,
            Pages pages,
            EntryViews views,
            Glimpses glimpses,
            SchoolClock clock) {
        this.pieces = pieces;
        this.growths = growths;
        this.kept = kept;
        this.notebooks = notebooks;
        this.entries = entries;
        this.own = own;
        this.pages = pages;
        this.views = views;
        this.glimpses = glimpses;
        this.clock = clock;
    }

    /** Two pieces of a choice beside each other, the first and the latest where none are named. */
    GrowthView view(Person reader, Choice choice, Optional<Integer> earlier, Optional<Integer> later) {
        var all = pieces.of(reader, choice);
        var within = pieces.notebooks(reader, choice);
        var count = all.count();
        return switch (count) {
            case 0 -> new GrowthView(0, Optional.empty(), Optional.empty());
            case 1 ->
                new GrowthView(
                        1,
                        pieces.named(within, List.of(all.at(0))).stream()
                                .findFirst()
                                .map(entry -> piece(reader, 0, entry)),
                        Optional.empty());
            default ->
                new GrowthView(
                        count,
                        Optional.empty(),
                        Optional.of(beside(reader, choice, within, all, pair(earlier, later, count), count)));
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

    private BesideView beside(Person reader, Choice choice, List<Notebook> within, Ordered all, Pair pair, int count) {
        var both = pieces.named(within, List.of(all.at(pair.earlier()), all.at(pair.later())));
        var earlier = both.getFirst();
        var later = both.getLast();
        return new BesideView(
                piece(reader, pair.earlier(), earlier),
                piece(reader, pair.later(), later),
                growths.between(reader, own.notebookOf(reader, later), choice.node(), earlier, later),
                view(pair.before(count)),
                view(pair.next(count)),
                kept.of(reader, earlier.id(), later.id()).map(ThenAndNowView::of));
    }

    private static PairView view(Pair pair) {
        return new PairView(pair.earlier(), pair.later());
    }

    private GrowthPiece piece(Person reader, int at, Entry entry) {
        var notebook = own.notebookOf(reader, entry);
        return new GrowthPiece(
                at,
                views.of(reader.id(), List.of(entry)).getFirst(),
                entry.name(),
                clock.dayOf(entry.madeAt()),
                notebook.id(),
                notebook.title(),
                pages.require(reader, entry.place().pageId()).title());
    }

    /** Some pieces of a choice in order of time, from a place on. */
    List<GrowthLine> lines(Person reader, Choice choice, int from, int most) {
        var ids = pieces.of(reader, choice).some(from, most);
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
