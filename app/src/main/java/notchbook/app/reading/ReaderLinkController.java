package notchbook.app.reading;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.reading.Consent;
import notchbook.core.reading.LinkRule;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Links for readers outside, as their owner makes them and looks after them. */
@RestController
class ReaderLinkController {
    private final ReaderLinks links;
    private final LinkRules rules;
    private final ReaderLetters letters;
    private final SchoolClock clock;

    ReaderLinkController(ReaderLinks links, LinkRules rules, ReaderLetters letters, SchoolClock clock) {
        this.links = links;
        this.rules = rules;
        this.letters = letters;
        this.clock = clock;
    }

    /** The last day is that on which it still opens; {@code open} says whether it does now, {@code over} that it never will again. */
    record ReaderLinkView(
            UUID id,
            ReadKind kind,
            UUID of,
            String title,
            String reader,
            String mail,
            LocalDate lastDay,
            boolean word,
            boolean mayAnswer,
            Consent consent,
            boolean open,
            boolean over,
            Instant madeAt,
            int opened,
            Optional<Instant> openedAt,
            Optional<String> answer) {}

    /** Who decides about links, whether they can be sent by mail, and those that the reader made, the latest first. */
    record ReaderLinksView(LinkRule rule, boolean mailed, List<ReaderLinkView> links) {}

    record ReaderLinkBody(
            ReadKind kind,
            UUID of,
            String reader,
            Optional<String> mail,
            LocalDate lastDay,
            Optional<String> word,
            boolean mayAnswer,
            String secret) {
        ReaderLinks.Wish wish(UUID id) {
            return new ReaderLinks.Wish(id, kind, of, reader, mail, lastDay, word, mayAnswer, secret);
        }
    }

    @GetMapping("/api/reader-links")
    ReaderLinksView all(@AuthenticationPrincipal Person reader) {
        return new ReaderLinksView(
                rules.now(),
                letters.canBeSent(),
                links.of(reader).stream().map(this::view).toList());
    }

    /** Makes a link under an id and a secret of the sender's making. */
    @PutMapping("/api/reader-links/{id}")
    ReaderLinkView make(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ReaderLinkBody body) {
        var origin =
                ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
        return view(links.make(reader, body.wish(id), origin));
    }

    @DeleteMapping("/api/reader-links/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        links.takeBack(reader, id);
    }

    private ReaderLinkView view(ReaderLink link) {
        return new ReaderLinkView(
                link.id(),
                link.kind(),
                link.of(),
                link.title(),
                link.reader(),
                link.mail(),
                letters.lastDay(link),
                link.terms().hasWord(),
                link.terms().mayAnswer(),
                link.terms().consent(),
                link.terms().isOpen(clock.now()),
                link.terms().isOver(clock.now()),
                link.terms().madeAt(),
                link.opened(),
                link.openedAt(),
                link.answer());
    }
}
