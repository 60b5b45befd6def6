package notchbook.app.reading;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.core.reading.LinkRule;
import notchbook.formats.web.ReadingPage;
import notchbook.formats.web.ReadingPage.Below;
import notchbook.formats.web.ReadingPage.Frame;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Links that wait for a teacher's yes, and the keeper's rule about them. */
@RestController
class ConsentController {
    private final Consents consents;
    private final LinkRules rules;
    private final ReaderLetters letters;
    private final Media media;
    private final ReadingPage pages = new ReadingPage("/reading/");

    ConsentController(Consents consents, LinkRules rules, ReaderLetters letters, Media media) {
        this.consents = consents;
        this.rules = rules;
        this.letters = letters;
        this.media = media;
    }

    record AskedLinkView(
            UUID id,
            String student,
            ReadKind kind,
            String title,
            String reader,
            String mail,
            LocalDate lastDay,
            boolean word,
            boolean mayAnswer) {}

    record LinkRuleView(LinkRule rule) {}

    /** The earliest first. */
    @GetMapping("/api/asked-links")
    List<AskedLinkView> asked(@AuthenticationPrincipal Person reader) {
        return consents.askedOf(reader).stream().map(this::view).toList();
    }

    private AskedLinkView view(Consents.Asked asked) {
        var link = asked.link();
        return new AskedLinkView(
                link.id(),
                asked.student(),
                link.kind(),
                link.title(),
                link.reader(),
                link.mail(),
                letters.lastDay(link),
                link.terms().hasWord(),
                link.terms().mayAnswer());
    }

    @PostMapping("/api/asked-links/{id}/yes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void agree(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        consents.agree(reader, id);
    }

    @PostMapping("/api/asked-links/{id}/no")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void refuse(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        consents.refuse(reader, id);
    }

    /** What the reader would see. */
    @Hidden
    @GetMapping("/api/asked-links/{id}/page/")
    ResponseEntity<String> look(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return ReadingAnswers.page(
                HttpStatus.OK,
                consents.look(
                        reader,
                        id,
                        (link, read, contents) -> pages.write(
                                read.sheet(),
                                contents,
                                new Frame(
                                        "This is what %s would see, until %s."
                                                .formatted(link.reader(), letters.untilWords(link)),
                                        Optional.empty(),
                                        new Below.Nothing()))));
    }

    @Hidden
    @GetMapping("/api/asked-links/{id}/page/media/{sha256}")
    ResponseEntity<Resource> content(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable String sha256) {
        var content = consents.content(reader, id, sha256);
        return ReadingAnswers.content(content, media.place(content.sha256()));
    }

    @GetMapping("/api/school/reader-links")
    LinkRuleView rule(@AuthenticationPrincipal Person reader) {
        reader.requireKeeper();
        return new LinkRuleView(rules.now());
    }

    @PutMapping("/api/school/reader-links")
    LinkRuleView decide(@AuthenticationPrincipal Person reader, @RequestBody LinkRuleView body) {
        rules.decide(reader, body.rule());
        return body;
    }
}
