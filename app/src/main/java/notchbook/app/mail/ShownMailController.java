package notchbook.app.mail;

import static java.util.stream.Collectors.joining;
import static org.springframework.web.util.HtmlUtils.htmlEscape;

import io.swagger.v3.oas.annotations.Hidden;
import notchbook.app.platform.Refusal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The mails of the stand-in, as a page that whoever tries the demo opens; where mails are really sent there is none. */
@RestController
class ShownMailController {
    private static final String PAGE = """
            <!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>Mails of the demo</title>
            <link rel="stylesheet" href="/reading/fonts.css"><link rel="stylesheet" href="/reading/book.css"></head><body><h1>Mails of the demo</h1>
            <p>The demo sends no mails. What it would have sent stands here, the latest first.</p>%s</body></html>
            """;

    private final Post post;

    ShownMailController(Post post) {
        this.post = post;
    }

    @Hidden
    @GetMapping(path = "/mails", produces = "text/html;charset=UTF-8")
    String mails() {
        if (!(post instanceof ShownPost shown)) {
            throw Refusal.notFound("page");
        }
        return PAGE.formatted(shown.letters().stream()
                .map(letter -> "<section><h2>%s</h2><p class=\"when\">To %s</p><p class=\"said\">%s</p></section>"
                        .formatted(
                                htmlEscape(letter.subject()),
                                htmlEscape(letter.to()),
                                htmlEscape(letter.words()).replaceAll("(https?://[^\\s<]+)", "<a href=\"$1\">$1</a>")))
                .collect(joining()));
    }
}
