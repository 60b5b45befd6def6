package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.collection.CitedThings;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.PageText;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.notebook.Patterns;
import notchbook.core.source.Cited;
import notchbook.core.text.Citing;
import notchbook.core.text.Document;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.source.References;
import org.springframework.stereotype.Component;

/** What pages cite of their student's collections: it is listed behind them, and words that cite lead there where it has an address. */
@Component
class CitedWorks {
    private final CitedThings things;
    private final SchoolYears years;
    private final SchoolClock clock;

    CitedWorks(CitedThings things, SchoolYears years, SchoolClock clock) {
        this.things = things;
        this.years = years;
        this.clock = clock;
    }

    /** The things that some entries cite, by their ids; what is in the bin is left out. */
    record Works(Map<UUID, Cited> byId) {
        /** A text as others read it. */
        String content(Entry entry) {
            if (entry.kind() != EntryKind.TYPED) {
                return entry.content();
            }
            var text = DocumentJson.read(entry.content());
            return Citing.things(text).isEmpty()
                    ? entry.content()
                    : DocumentJson.write(Citing.ledOn(
                            text, id -> Optional.ofNullable(byId.get(id)).flatMap(Cited::address)));
        }
    }

    Works in(Person student, List<Entry> entries) {
        var cited = entries.stream()
                .filter(entry -> entry.kind() == EntryKind.TYPED)
                .flatMap(entry -> Citing.things(DocumentJson.read(entry.content())).stream())
                .distinct()
                .toList();
        return new Works(things.named(student, cited).stream().collect(toMap(Cited::id, identity())));
    }

    /** The page behind all others; none where nothing is cited. */
    Optional<Sealed.Page> page(String of, Works works) {
        if (works.byId().isEmpty()) {
            return Optional.empty();
        }
        var id = UUID.nameUUIDFromBytes(("references " + of).getBytes(StandardCharsets.UTF_8));
        var lines = References.list(List.copyOf(works.byId().values()), CitedThings.STYLE).stream()
                .<Document.Block>map(reference -> new Document.Paragraph(PageText.words(reference.line())))
                .toList();
        var list = new PageText(id).of("list", lines);
        return Optional.of(new Sealed.Page(
                id,
                "References",
                clock.today(),
                years.teachingWeekOf(clock.today()),
                Optional.of(Patterns.FREE),
                List.of(new Sealed.Entry(
                        list.id(),
                        Optional.of(list.place().zone()),
                        Optional.empty(),
                        list.kind(),
                        list.content(),
                        "",
                        list.place().width(),
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))));
    }
}
