package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.collection.CitedThings;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.PageText;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.source.ReferenceStyles;
import notchbook.core.notebook.Patterns;
import notchbook.core.source.Cited;
import notchbook.core.text.Citing;
import notchbook.core.text.Document;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.source.Reference;
import notchbook.formats.source.ReferenceStyle;
import notchbook.formats.source.References;
import org.springframework.stereotype.Component;

/** What pages cite of their student's collections: it is listed behind them, and words that cite lead there where it has an address. */
@Component
class CitedWorks {
    private final CitedThings things;
    private final ReferenceStyles styles;
    private final SchoolYears years;
    private final SchoolClock clock;

    CitedWorks(CitedThings things, ReferenceStyles styles, SchoolYears years, SchoolClock clock) {
        this.things = things;
        this.styles = styles;
        this.years = years;
        this.clock = clock;
    }

    /**
     * The things that some entries cite, by their ids in the order in which they are cited; what is in the bin is left out.
     * {@code list} has them in a style, and {@code asPutIn} the words that name each in any style.
     */
    record Works(Map<UUID, Cited> byId, List<Reference> list, Map<UUID, Set<String>> asPutIn) {
        static final Works NONE = new Works(Map.of(), List.of(), Map.of());

        static Works of(List<Cited> cited, ReferenceStyle style) {
            return new Works(
                    cited.stream().collect(toMap(Cited::id, identity())),
                    References.list(cited, style),
                    Arrays.stream(ReferenceStyle.values())
                            .flatMap(one -> References.list(cited, one).stream())
                            .collect(groupingBy(Reference::id, mapping(Reference::inText, toSet()))));
        }

        /** Words that name a thing as they were put in follow the style of the list; the student's own stay. */
        private String worded(UUID thing, String words) {
            return list.stream()
                    .filter(one -> one.id().equals(thing))
                    .filter(one -> asPutIn.get(thing).contains(words.strip()))
                    .findFirst()
                    .map(one -> words.replace(words.strip(), one.inText()))
                    .orElse(words);
        }

        /** A text as others read it. */
        String content(Entry entry) {
            if (entry.kind() != EntryKind.TYPED) {
                return entry.content();
            }
            var text = DocumentJson.read(entry.content());
            return Citing.things(text).isEmpty()
                    ? entry.content()
                    : DocumentJson.write(Citing.ledOn(
                            text, id -> Optional.ofNullable(byId.get(id)).flatMap(Cited::address), this::worded));
        }
    }

    Works in(Person student, List<Entry> entries) {
        var cited = entries.stream()
                .filter(entry -> entry.kind() == EntryKind.TYPED)
                .flatMap(entry -> Citing.things(DocumentJson.read(entry.content())).stream())
                .distinct()
                .toList();
        return cited.isEmpty() ? Works.NONE : Works.of(things.named(student, cited), styles.of(student));
    }

    /** The page behind all others; none where nothing is cited. */
    Optional<Sealed.Page> page(String of, Works works) {
        if (works.byId().isEmpty()) {
            return Optional.empty();
        }
        var id = UUID.nameUUIDFromBytes(("references " + of).getBytes(StandardCharsets.UTF_8));
        var lines = works.list().stream()
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
