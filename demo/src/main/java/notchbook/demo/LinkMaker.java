package notchbook.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Pages;
import notchbook.app.reading.LinkRules;
import notchbook.app.reading.Looking;
import notchbook.app.reading.ReadKind;
import notchbook.app.reading.ReaderLinks;
import notchbook.app.reading.Readings;
import notchbook.core.reading.LinkRule;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Gives links of Marlo's to readers outside: one that was answered, one with a word, one that was taken back, and one that waits for
 * a teacher's yes, since the keeper wants one now. */
@Component
class LinkMaker {
    private static final Readings.Visitor GRAN = new Readings.Visitor("198.51.100.7", Optional.empty());

    private final Cast cast;
    private final ReaderLinks links;
    private final LinkRules rules;
    private final Readings readings;
    private final Pages pages;
    private final DemoClock clock;

    LinkMaker(Cast cast, ReaderLinks links, LinkRules rules, Readings readings, Pages pages, DemoClock clock) {
        this.cast = cast;
        this.links = links;
        this.rules = rules;
        this.readings = readings;
        this.pages = pages;
        this.clock = clock;
    }

    void make(Book physics, Book geography) {
        var secret = secret();
        give(
                ReadKind.SECTION,
                physics.sections().get("2.3"),
                "Gran Quist",
                "gran@skerrow.example",
                secret,
                Optional.empty());
        readings.open(secret, GRAN, Looking.AS_IT_IS, (link, read, media) -> "");
        readings.open(secret, GRAN, Looking.AS_IT_IS, (link, read, media) -> "");
        readings.answer(
                secret,
                GRAN,
                "Read it twice, and listened to the echo as well. Which wall was it, the one behind the chapel?");
        var page = pages.in(List.of(geography.sections().get("2.5"))).getFirst();
        give(ReadKind.PAGE, page.id(), "Merle Fell, who came along", "", secret(), Optional.of("kittiwake"));
        var over = give(ReadKind.PAGE, page.id(), "The whole class", "", secret(), Optional.empty());
        links.takeBack(cast.marlo, over);
        rules.decide(cast.harlow, LinkRule.CONSENT);
        give(
                ReadKind.SECTION,
                physics.sections().get("2.3"),
                "Uncle Bram",
                "bram@skerrow.example",
                secret(),
                Optional.empty());
    }

    private UUID give(ReadKind kind, UUID of, String reader, String mail, String secret, Optional<String> word) {
        var id = UUID.randomUUID();
        links.make(
                cast.marlo,
                new ReaderLinks.Wish(
                        id,
                        kind,
                        of,
                        reader,
                        Optional.of(mail).filter(address -> !address.isEmpty()),
                        LocalDate.now(clock).plusDays(14),
                        word,
                        true,
                        secret),
                "http://127.0.0.1:8420");
        return id;
    }

    private static String secret() {
        return UUID.randomUUID().toString();
    }
}
