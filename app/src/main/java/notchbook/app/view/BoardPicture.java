package notchbook.app.view;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.collection.Details;
import notchbook.app.collection.Item;
import notchbook.app.people.Person;
import notchbook.core.collection.Detail;
import notchbook.formats.view.BoardSvg;
import org.springframework.stereotype.Component;

/** The board of a collection as a drawing. */
@Component
public class BoardPicture {
    private static final int IN_A_ROW = 5;
    private static final double GAP = 36;
    private static final double ROW = 110;
    private static final int SHOWN = 2;

    private final Collections collections;
    private final Details details;
    private final Boards boards;

    BoardPicture(Collections collections, Details details, Boards boards) {
        this.collections = collections;
        this.details = details;
        this.boards = boards;
    }

    public String of(Person reader, UUID collectionId) {
        var known = details.of(reader, collectionId);
        return BoardSvg.write(
                collections.titleOf(reader, collectionId),
                cards(collections.itemsOf(reader, collectionId), boards.places(reader, collectionId), known),
                boards.ties(reader, collectionId).stream()
                        .map(tie -> new BoardSvg.Line(
                                tie.from().toString(), tie.to().toString(), tie.words(), tie.isDirected()))
                        .toList());
    }

    /** What was put nowhere stands in rows below the rest. */
    private static List<BoardSvg.Card> cards(List<Item> items, List<Place> places, List<Detail> known) {
        var put = places.stream().collect(toMap(Place::item, place -> place));
        var top = places.stream().mapToDouble(Place::y).max().orElse(-ROW) + ROW;
        var left = places.stream().mapToDouble(Place::x).min().orElse(0);
        var cards = new ArrayList<BoardSvg.Card>();
        var loose = 0;
        for (var item : items) {
            var place = Optional.ofNullable(put.get(item.id()));
            cards.add(new BoardSvg.Card(
                    item.id().toString(),
                    place.isPresent() ? place.get().x() : left + loose % IN_A_ROW * (BoardSvg.WIDTH + GAP),
                    place.isPresent() ? place.get().y() : top + loose / IN_A_ROW * ROW,
                    item.title(),
                    values(item, known)));
            loose += place.isPresent() ? 0 : 1;
        }
        return cards;
    }

    private static String values(Item item, List<Detail> known) {
        return known.stream()
                .flatMap(detail ->
                        item.told().of(detail.id()).stream().map(value -> (value + " " + detail.unit()).strip()))
                .limit(SHOWN)
                .collect(joining(" · "));
    }
}
