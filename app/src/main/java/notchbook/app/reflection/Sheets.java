package notchbook.app.reflection;

import static java.util.Comparator.comparing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.notebook.Notebook;
import notchbook.app.paper.Papers;
import notchbook.app.reflection.SheetView.MeantView;
import notchbook.app.reflection.SheetView.PromptView;
import notchbook.app.reflection.SheetView.RatedBeforeView;
import notchbook.app.reflection.SheetView.RatingView;
import notchbook.app.reflection.SheetView.ResolveView;
import notchbook.app.reflection.SheetView.SaysView;
import notchbook.app.reflection.SheetView.WorkView;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.coverage.PaperMark;
import notchbook.core.coverage.Sureness;
import notchbook.core.reflection.Prompt;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.stereotype.Component;

/** Puts together what lies on the desk while the sheet of a week is filled in. */
@Component
class Sheets {
    private static final int SURE = 4;

    /** More tell nothing at a glance. */
    private static final int EARLIER = 3;

    private final Reflections reflections;
    private final Papers papers;
    private final SchoolYears years;

    Sheets(Reflections reflections, Papers papers, SchoolYears years) {
        this.reflections = reflections;
        this.papers = papers;
        this.years = years;
    }

    SheetView of(Notebook notebook, CalendarWeek week) {
        var sheet = reflections.sheet(notebook, week);
        var made = reflections.madeIn(notebook, week);
        var desk = new Desk(reflections.of(notebook), papers.marks(notebook.id()), sheet);
        return new SheetView(
                week.number().orElseThrow(),
                week.monday(),
                sheet.version(),
                Prompt.WEEKLY.stream().map(PromptView::of).toList(),
                sheet.answers(),
                made.stream()
                        .map(entry -> new WorkView(entry.id(), entry.place().pageId(), entry.kind(), entry.name()))
                        .toList(),
                sheet.choices(),
                reflections.topicsOf(notebook, week, made).stream()
                        .map(topic -> rating(topic, desk))
                        .toList(),
                reflections
                        .askedIn(notebook, week.monday())
                        .map(asked -> new MeantView(years.teachingWeekOf(asked.monday()), asked.words())),
                ResolveView.of(sheet.resolve()));
    }

    /** All sheets of the notebook, the marks of its papers in order of days, and the sheet that is filled in. */
    private record Desk(List<Reflection> all, List<PaperMark> marks, Reflection sheet) {}

    private RatingView rating(SyllabusNode topic, Desk desk) {
        var paper = desk.marks().stream()
                .filter(mark -> mark.topic().equals(topic.id()))
                .reduce((earlier, later) -> later)
                .map(PaperMark::share);
        return new RatingView(
                topic.id(),
                topic.code(),
                topic.title(),
                Optional.ofNullable(desk.sheet().ratings().get(topic.id())),
                before(topic.id(), desk),
                paper,
                paper.map(Sheets::says).orElse(List.of()));
    }

    private List<RatedBeforeView> before(UUID topic, Desk desk) {
        var earlier = desk.all().stream()
                .filter(one -> one.monday().isBefore(desk.sheet().monday()))
                .filter(one -> one.ratings().containsKey(topic))
                .sorted(comparing(Reflection::monday))
                .flatMap(one -> years.teachingWeekOf(one.monday()).stream()
                        .map(week -> new RatedBeforeView(week, one.ratings().get(topic))))
                .toList();
        return earlier.subList(Math.max(0, earlier.size() - EARLIER), earlier.size());
    }

    private static List<SaysView> says(double paper) {
        return IntStream.rangeClosed(1, SURE)
                .boxed()
                .flatMap(rating -> Sureness.of(rating, paper).map(says -> new SaysView(rating, says)).stream())
                .toList();
    }
}
