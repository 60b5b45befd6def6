package notchbook.app.coverage;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.calendar.WeekRange;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.PointCoverage;
import notchbook.core.coverage.TopicCoverage;
import notchbook.formats.coverage.CoverageSheet;
import org.springframework.stereotype.Service;

/** The coverage of a notebook as it is printed and saved. */
@Service
class CoverageSheets {
    private final Coverages coverages;
    private final Notebooks notebooks;
    private final Syllabi syllabi;

    CoverageSheets(Coverages coverages, Notebooks notebooks, Syllabi syllabi) {
        this.coverages = coverages;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    CoverageSheet of(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        var input = coverages.input(notebook);
        var coverage = Coverage.of(input);
        var tier = notebook.exam().tier().name().toLowerCase(Locale.ROOT);
        return new CoverageSheet(
                "Coverage of " + notebook.title(),
                "%s · %s, exam %d, %s · %s"
                        .formatted(
                                reader.fullName(),
                                syllabi.requireInfo(reader, notebook.editionId())
                                        .name(),
                                notebook.exam().year(),
                                tier,
                                input.today()),
                List.of(
                        Math.round(100 * coverage.marksCovered()) + " % of the marks have notes behind them",
                        coverage.pointsBare() + " points still bare",
                        coverage.topicsBehind() + " topics behind the plan"),
                coverage.topics().stream().map(topic -> line(topic, input)).toList());
    }

    private static CoverageSheet.TopicLine line(TopicCoverage topic, CoverageInput input) {
        var unit = input.edition().unitOf(topic.topic().id()).orElseThrow();
        return new CoverageSheet.TopicLine(
                unit.code() + " " + unit.title(),
                topic.topic().code(),
                topic.topic().title(),
                topic.weight(),
                topic.plan().map(WeekRange::words).orElse(""),
                topic.paperShare(),
                topic.standing().words(),
                topic.points().stream().map(CoverageSheets::line).toList());
    }

    private static CoverageSheet.PointLine line(PointCoverage point) {
        return new CoverageSheet.PointLine(
                point.point().code(),
                point.point().title(),
                point.weight(),
                point.evidence().stream()
                        .map(one -> one.kind().name().toLowerCase(Locale.ROOT))
                        .distinct()
                        .collect(joining(", ")),
                point.evidence().size());
    }
}
