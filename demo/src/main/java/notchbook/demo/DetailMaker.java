package notchbook.demo;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.Details;
import notchbook.app.collection.Things;
import notchbook.app.people.Person;
import notchbook.app.view.Boards;
import notchbook.app.view.KeptViews;
import notchbook.app.view.NamedView;
import notchbook.app.view.Place;
import notchbook.app.view.Tie;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.source.Source;
import notchbook.core.source.SourceKind;
import notchbook.core.source.Trust;
import notchbook.core.view.Card;
import notchbook.core.view.CardTie;
import notchbook.core.view.Chart;
import notchbook.core.view.Look;
import notchbook.core.view.Shape;
import notchbook.core.view.Tidy;
import notchbook.demo.CollectionMaker.Gathered;
import org.springframework.stereotype.Component;

/**
 * Says of the things of collections what details.txt says of them: {@code +} is a detail, {@code .} a thing with why it was kept and its
 * values, {@code ~} where one comes from, {@code *} which part of its clip plays, {@code >} a tie, {@code @} a view that is kept.
 */
@Component
class DetailMaker {
    private static final double CARD_WIDTH = 196;
    private static final double CARD_HEIGHT = 96;

    private final Details details;
    private final Things things;
    private final KeptViews views;
    private final Boards boards;

    DetailMaker(Details details, Things things, KeptViews views, Boards boards) {
        this.details = details;
        this.things = things;
        this.views = views;
        this.boards = boards;
    }

    void make(List<Gathered> collections) {
        var byTitle = collections.stream().collect(toMap(Gathered::title, identity()));
        for (var part : Outline.text("details.txt").split("(?m)^= ")) {
            var lines = part.strip().lines().toList();
            if (!lines.isEmpty()) {
                new Saying(byTitle.get(lines.getFirst())).all(lines.subList(1, lines.size()));
            }
        }
    }

    /** What is said of one collection, line by line. */
    private final class Saying {
        private final Person owner;
        private final Gathered collection;
        private final Map<String, UUID> byName = new HashMap<>();

        Saying(Gathered collection) {
            this.owner = collection.owner();
            this.collection = collection;
        }

        void all(List<String> lines) {
            lines.stream().filter(line -> !line.isBlank()).forEach(this::one);
            tidy();
        }

        private void one(String line) {
            var parts = Arrays.stream(line.substring(2).split("\\|", -1))
                    .map(String::strip)
                    .toList();
            switch (line.charAt(0)) {
                case '+' -> detail(parts);
                case '.' -> thing(parts);
                case '~' -> source(parts);
                case '*' -> played(parts);
                case '>' -> tie(parts);
                default -> view(parts);
            }
        }

        private void detail(List<String> parts) {
            var id = UUID.randomUUID();
            byName.put(parts.getFirst(), id);
            details.keep(
                    owner,
                    collection.id(),
                    new Detail(id, parts.getFirst(), DetailKind.valueOf(parts.get(1)), parts.get(2)));
        }

        private void thing(List<String> parts) {
            var values = Arrays.stream(parts.get(2).split(";"))
                    .filter(one -> !one.isBlank())
                    .map(one -> one.split(":", 2))
                    .collect(toMap(one -> byName.get(one[0].strip()), one -> values(one[1])));
            tell(parts.getFirst(), Optional.of(parts.get(1)), values, Optional.empty(), Optional.empty());
        }

        /** Its kind, who made it, when, where it stands, and how far it is trusted for which reason. */
        private void source(List<String> parts) {
            var source = new Source(
                    SourceKind.valueOf(parts.get(1)),
                    Arrays.stream(parts.get(2).split(";")).toList(),
                    parts.get(3),
                    parts.get(4),
                    "",
                    Optional.empty(),
                    Optional.of(Trust.valueOf(parts.get(5))),
                    List.of(parts.get(6)));
            tell(parts.getFirst(), Optional.empty(), Map.of(), Optional.of(source), Optional.empty());
        }

        private static List<String> values(String typed) {
            return Arrays.stream(typed.split(",")).map(String::strip).toList();
        }

        /** The part of its clip that plays. */
        private void played(List<String> parts) {
            var played = new Things.Played(parts.get(1), parts.get(2));
            tell(parts.getFirst(), Optional.empty(), Map.of(), Optional.empty(), Optional.of(played));
        }

        private void tell(
                String title,
                Optional<String> why,
                Map<UUID, List<String>> values,
                Optional<Source> source,
                Optional<Things.Played> played) {
            things.tell(
                    owner,
                    collection.id(),
                    collection.things().get(title),
                    new Things.Telling(
                            Optional.empty(),
                            Optional.empty(),
                            why,
                            Optional.empty(),
                            values,
                            source,
                            Optional.empty(),
                            played));
        }

        private void tie(List<String> parts) {
            boards.tie(
                    owner,
                    collection.id(),
                    new Tie(
                            UUID.randomUUID(),
                            collection.things().get(parts.get(0)),
                            collection.things().get(parts.get(2)),
                            parts.get(1),
                            true));
        }

        private void view(List<String> parts) {
            var shape = Shape.valueOf(parts.get(1));
            var detail = byName.get(parts.get(2)).toString();
            var isGrouped = shape == Shape.GROUPS || shape == Shape.BOARD;
            views.keep(
                    owner,
                    collection.id(),
                    new NamedView(
                            UUID.randomUUID(),
                            parts.getFirst(),
                            new Look(
                                    shape,
                                    "",
                                    Map.of(),
                                    isGrouped ? List.of() : List.of(new Look.Sort(detail, true)),
                                    Optional.of(detail).filter(any -> isGrouped),
                                    Chart.Height.COUNT,
                                    Optional.empty(),
                                    Optional.empty(),
                                    parts.size() < 4 ? List.of() : shown(parts.get(3)))));
        }

        private List<String> shown(String names) {
            return values(names).stream()
                    .map(name -> byName.get(name).toString())
                    .toList();
        }

        private void tidy() {
            var cards = collection.things().values().stream()
                    .sorted()
                    .map(id -> new Card(id.toString(), CARD_WIDTH, CARD_HEIGHT, ""))
                    .toList();
            var ties = boards.ties(owner, collection.id()).stream()
                    .map(tie -> new CardTie(tie.from().toString(), tie.to().toString()))
                    .toList();
            if (!ties.isEmpty()) {
                boards.place(
                        owner,
                        collection.id(),
                        Tidy.of(cards, ties).stream()
                                .map(spot -> new Place(UUID.fromString(spot.id()), spot.x(), spot.y()))
                                .toList());
            }
        }
    }
}
