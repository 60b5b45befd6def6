package notchbook.app.view;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.collection.CollectionDesk;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.collection.ViewColumn;
import notchbook.core.notebook.Patterns;
import notchbook.core.view.Look;
import notchbook.core.view.Shape;
import notchbook.formats.sheet.SectionSheet;
import org.springframework.stereotype.Component;

/** Views of collections as sheets, in the words that every form they leave in has. */
@Component
public class ViewSheets {
    private final CollectionDesk collections;
    private final ViewsOnPages views;
    private final SchoolYears years;
    private final SchoolClock clock;

    ViewSheets(CollectionDesk collections, ViewsOnPages views, SchoolYears years, SchoolClock clock) {
        this.collections = collections;
        this.views = views;
        this.years = years;
        this.clock = clock;
    }

    private static String name(Shape shape) {
        return switch (shape) {
            case LIST -> "List";
            case TABLE -> "Table";
            case PICTURES -> "Pictures";
            case GROUPS -> "Groups";
            case CHART -> "Chart";
            case TIME -> "Along time";
            case BOARD -> "Board";
        };
    }

    /** By what the things of a collection of somebody's own can be sorted and grouped. */
    public List<ViewColumn> columns(Person owner, UUID id) {
        return new Aspects(collections.view(owner, id).details()).all();
    }

    /** A collection of somebody's own as a look shows it. */
    public SectionSheet of(Person reader, UUID id, Look look) {
        var collection = collections.view(reader, id);
        var things = collection.items().size();
        var text = new SectionSheet.Entry(
                id,
                new SectionSheet.Typed(views.text(reader, collection, look)),
                "",
                SectionSheet.Width.FULL,
                List.of(),
                Optional.empty());
        var page = new SectionSheet.Page(
                name(look.shape()),
                clock.today(),
                years.teachingWeekOf(clock.today()).map(week -> "Week " + week).orElse("Break"),
                List.of(new SectionSheet.ZoneOfPage(Patterns.FREE.home(), List.of(text))));
        return new SectionSheet(
                collection.title(),
                reader.fullName(),
                collection.purpose().isBlank() ? "Collection" : collection.purpose(),
                things == 1 ? "1 thing" : things + " things",
                List.of(page),
                List.of());
    }
}
