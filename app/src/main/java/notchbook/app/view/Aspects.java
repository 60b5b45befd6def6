package notchbook.app.view;

import static java.util.function.Predicate.not;
import static java.util.stream.Collectors.joining;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionViews.ItemView;
import notchbook.app.link.LinkCardView;
import notchbook.app.mark.MarkView;
import notchbook.app.media.MediaKind;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.collection.ViewColumn;
import notchbook.core.collection.ViewText;
import notchbook.core.view.By;
import notchbook.core.view.Scale;
import notchbook.core.view.Thing;

/** By what the things of a collection are told apart: its own details first, then what every thing has, under the keys of the screen. */
final class Aspects {
    private static final ViewColumn NAME = always(ViewText.NAME, "Name", Scale.WORDS);
    private static final ViewColumn KIND = always("kind", "What it is", Scale.WORDS);
    private static final List<ViewColumn> ALWAYS = List.of(
            NAME,
            KIND,
            always("topic", "Topic", Scale.WORDS),
            always("heading", "Heading", Scale.WORDS),
            always("trust", "How far I trust it", Scale.WORDS),
            always("madeBy", "Who made it", Scale.WORDS),
            always("published", "When it came out", Scale.WORDS),
            always("mark", "Marks", Scale.WORDS),
            always("kept", "Kept on", Scale.DAYS));

    private final List<Detail> details;

    Aspects(List<Detail> details) {
        this.details = details;
    }

    List<ViewColumn> own() {
        return details.stream().map(Aspects::column).toList();
    }

    List<ViewColumn> all() {
        return Stream.concat(own().stream(), ALWAYS.stream()).toList();
    }

    /** What things are grouped by where nothing was chosen: the first detail of a few values, else what they are; along time the first day. */
    ViewColumn by(boolean isAlongTime) {
        if (isAlongTime) {
            return own().stream()
                    .filter(column -> column.by().scale() == Scale.DAYS)
                    .findFirst()
                    .orElse(ALWAYS.getLast());
        }
        return details.stream()
                .filter(detail -> detail.kind() == DetailKind.ONE_OF || detail.kind() == DetailKind.SOME_OF)
                .findFirst()
                .map(Aspects::column)
                .orElse(KIND);
    }

    Thing thing(ItemView item) {
        var values = new HashMap<String, List<String>>();
        item.values().forEach((detail, some) -> values.put(detail.toString(), some));
        values.put(ViewText.NAME, List.of(item.title()));
        values.put("kind", List.of(kind(item)));
        values.put("topic", item.topics());
        values.put("heading", said(item.heading()));
        values.put(
                "trust",
                item.source().trust().stream()
                        .map(trust -> switch (trust) {
                            case LITTLE -> "a little";
                            case PARTLY -> "partly";
                            case FULLY -> "fully";
                        })
                        .toList());
        values.put("madeBy", item.found().authors());
        values.put("published", said(year(item.found().published())));
        values.put("kept", List.of(item.keptOn().toString()));
        values.put("mark", item.marks().stream().map(Aspects::mark).distinct().toList());
        values.put(ViewText.WHY, said(item.why()));
        values.put(ViewText.ADDRESS, item.url().stream().toList());
        return new Thing(item.id().toString(), words(item, values), values);
    }

    private static String words(ItemView item, Map<String, List<String>> values) {
        return Stream.concat(Stream.of(item.note()), values.values().stream().flatMap(List::stream))
                .filter(not(String::isBlank))
                .collect(joining(" "))
                .toLowerCase(Locale.ROOT);
    }

    private static String kind(ItemView item) {
        return switch (item.kind()) {
            case LINK -> item.card().flatMap(LinkCardView::clip).isPresent() ? "Clip" : "Link";
            case NOTE -> "Note";
            case FILE ->
                item.media().filter(file -> file.kind() == MediaKind.PHOTO).isPresent() ? "Picture" : "File";
            case ENTRY -> "Own work";
            case PAGE -> "Page";
            case VERSION -> "Version";
            case COLLECTION -> "Collection";
        };
    }

    private static String mark(MarkView mark) {
        return switch (mark.kind()) {
            case KEY -> "Key";
            case QUESTION -> "Open question";
            case TASK -> "Task";
            case OWN -> "A mark of my own";
        };
    }

    private static String year(String published) {
        return published.substring(0, Math.min(4, published.length()));
    }

    private static List<String> said(String words) {
        return Optional.of(words).filter(not(String::isBlank)).stream().toList();
    }

    private static ViewColumn column(Detail detail) {
        return new ViewColumn(new By(detail.id().toString(), detail.kind().scale()), detail.name(), detail.unit());
    }

    private static ViewColumn always(String key, String name, Scale scale) {
        return new ViewColumn(new By(key, scale), name, "");
    }
}
