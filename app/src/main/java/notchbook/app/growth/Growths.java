package notchbook.app.growth;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.coverage.Coverages;
import notchbook.app.entry.Entry;
import notchbook.app.handin.HandIns;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.Answering;
import notchbook.app.reflection.Reflection;
import notchbook.app.reflection.Reflections;
import notchbook.app.review.Reviews;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.growth.Change;
import notchbook.core.growth.Growth;
import notchbook.core.growth.GrowthWeek;
import notchbook.core.growth.Piece;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.OwnWords;
import org.springframework.stereotype.Service;

/** Growth as the core works it out: between two pieces, and over the weeks. */
@Service
class Growths {
    private final Coverages coverages;
    private final Syllabi syllabi;
    private final Notebooks notebooks;
    private final Reflections reflections;
    private final Reviews reviews;
    private final HandIns handIns;
    private final SchoolClock clock;

    Growths(
            Coverages coverages,
            Syllabi syllabi,
            Notebooks notebooks,
            Reflections reflections,
            Reviews reviews,
            HandIns handIns,
            SchoolClock clock) {
        this.coverages = coverages;
        this.syllabi = syllabi;
        this.notebooks = notebooks;
        this.reflections = reflections;
        this.reviews = reviews;
        this.handIns = handIns;
        this.clock = clock;
    }

    /** What changed between two pieces, in a topic or point of the later one's notebook, else in all topics that both are about. */
    List<Change> between(Person reader, Notebook notebook, Optional<UUID> node, Entry earlier, Entry later) {
        var lines = node.map(Set::of).orElseGet(() -> Stream.of(earlier, later)
                .flatMap(entry -> entry.notches().stream())
                .collect(toSet()));
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var topics = topics(edition, lines);
        return Growth.in(input(notebook, edition, topics), topics)
                .between(piece(reader, earlier), piece(reader, later));
    }

    /** How a topic (that of a point) or all of a notebook stood at the end of each week. */
    List<GrowthWeek> weeks(Person reader, UUID notebookId, Optional<UUID> node) {
        var notebook = notebooks.require(reader, notebookId);
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var topics = node.map(id -> topics(edition, Set.of(id)))
                .orElseGet(() -> edition.topics().map(SyllabusNode::id).collect(toSet()));
        if (topics.isEmpty()) {
            throw Refusal.notFound("topic");
        }
        return GrowthWeek.of(
                input(notebook, edition, topics),
                topics,
                reflections.of(notebook).stream()
                        .filter(Answering::isWritten)
                        .map(Reflection::monday)
                        .toList());
    }

    private CoverageInput input(Notebook notebook, Edition edition, Set<UUID> topics) {
        return coverages.input(
                notebook,
                topics.stream()
                        .flatMap(topic -> edition.linesUnder(topic).stream())
                        .collect(toSet()));
    }

    private static Set<UUID> topics(Edition edition, Set<UUID> lines) {
        return lines.stream()
                .flatMap(line -> edition.topicOf(line).stream())
                .map(SyllabusNode::id)
                .collect(toSet());
    }

    private Piece piece(Person reader, Entry entry) {
        var remarks = handIns.saidOn(reader, entry.id());
        return new Piece(
                new Evidence(entry.id(), entry.kind().evidence(), clock.dayOf(entry.madeAt()), entry.notches()),
                Optional.ofNullable(
                                reviews.ownWords(reader, entry.place().pageId()).get(entry.id()))
                        .map(OwnWords::copiedShare)
                        .map(copied -> 1 - copied),
                remarks.size(),
                (int) remarks.stream().filter(one -> one.answer().isPresent()).count());
    }
}
