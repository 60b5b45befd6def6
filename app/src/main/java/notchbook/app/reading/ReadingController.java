package notchbook.app.reading;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.app.media.Media;
import notchbook.app.platform.Refusal;
import notchbook.app.reading.Readings.Visitor;
import notchbook.core.reading.Admission;
import notchbook.formats.sheet.StyleSheet;
import notchbook.formats.web.ReadingPage;
import notchbook.formats.web.ReadingPage.Below;
import notchbook.formats.web.ReadingPage.Frame;
import notchbook.formats.web.WebFonts;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a reader outside meets at the address of a link: plain pages, to nobody who is signed in. */
@Hidden
@RestController
class ReadingController {
    private static final String KEY = "notchbook-reading";
    private static final Duration KEY_KEPT = Duration.ofDays(90);
    private static final MediaType CSS = new MediaType("text", "css", StandardCharsets.UTF_8);
    private static final MediaType FONT = new MediaType("font", "ttf");
    private static final MediaType SCRIPT = new MediaType("text", "javascript", StandardCharsets.UTF_8);

    private final Readings readings;
    private final ReaderLetters letters;
    private final Media media;
    private final ReadingPage pages = new ReadingPage("/reading/");

    ReadingController(Readings readings, ReaderLetters letters, Media media) {
        this.readings = readings;
        this.letters = letters;
        this.media = media;
    }

    /** What the pages refer to lies below their own address. */
    @GetMapping("/reading/{secret}")
    ResponseEntity<Void> toPage(@PathVariable String secret) {
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create("/reading/" + secret + "/"))
                .build();
    }

    @GetMapping("/reading/{secret}/")
    ResponseEntity<String> page(
            @PathVariable String secret,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String sort,
            @RequestParam(defaultValue = "false") boolean falling,
            @RequestParam(defaultValue = "") String by,
            HttpServletRequest request,
            CsrfToken token) {
        var visitor = visitor(request);
        return switch (readings.meet(secret, visitor).admission()) {
            case IN ->
                ReadingAnswers.page(
                        HttpStatus.OK,
                        readings.open(
                                secret,
                                visitor,
                                new Looking(words, sort, falling, by),
                                (link, read, contents) -> pages.write(
                                        read.sheet(),
                                        contents,
                                        new Frame(note(link), read.ways(), below(link, token)))));
            case ASKS_FOR_WORD -> ReadingAnswers.page(HttpStatus.OK, pages.asking("", token.getToken()));
            case NOT_YET ->
                ReadingAnswers.page(
                        HttpStatus.FORBIDDEN,
                        pages.saying(
                                "This link does not open yet",
                                "A teacher has to say yes to it first. Keep it, and try it again tomorrow."));
            case OVER -> over();
        };
    }

    private String note(ReaderLink link) {
        return "For %s, until %s. This link is for you alone.".formatted(link.reader(), letters.untilWords(link));
    }

    private static Below below(ReaderLink link, CsrfToken token) {
        if (link.answer().isPresent()) {
            return new Below.Answered(link.answer().get());
        }
        return link.terms().mayAnswer() ? new Below.Form(token.getToken()) : new Below.Nothing();
    }

    @PostMapping("/reading/{secret}/word")
    ResponseEntity<String> word(
            @PathVariable String secret, @RequestParam String word, HttpServletRequest request, CsrfToken token) {
        var visitor = visitor(request);
        if (readings.meet(secret, visitor).admission() == Admission.OVER) {
            return over();
        }
        return readings.giveWord(secret, visitor, word)
                .map(key -> ResponseEntity.status(HttpStatus.SEE_OTHER)
                        .header(HttpHeaders.SET_COOKIE, cookie(secret, key, request))
                        .location(URI.create("/reading/" + secret + "/"))
                        .<String>build())
                .orElseGet(() -> ReadingAnswers.page(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        pages.asking(
                                "It is another word. Look at how it is written, and try again.", token.getToken())));
    }

    @PostMapping("/reading/{secret}/answer")
    ResponseEntity<Void> answer(@PathVariable String secret, @RequestParam String words, HttpServletRequest request) {
        readings.answer(secret, visitor(request), words);
        return toPage(secret);
    }

    @GetMapping("/reading/{secret}/media/{sha256}")
    ResponseEntity<Resource> content(
            @PathVariable String secret, @PathVariable String sha256, HttpServletRequest request) {
        var content = readings.content(secret, visitor(request), sha256);
        return ReadingAnswers.content(content, media.place(content.sha256()));
    }

    @GetMapping("/reading/book.css")
    ResponseEntity<String> book() {
        return ResponseEntity.ok().contentType(CSS).body(StyleSheet.read("/book.css"));
    }

    @GetMapping("/reading/fonts.css")
    ResponseEntity<String> fonts() {
        return ResponseEntity.ok().contentType(CSS).body(WebFonts.STYLE);
    }

    @GetMapping("/reading/fonts/{file}")
    ResponseEntity<byte[]> font(@PathVariable String file) {
        if (!WebFonts.FILES.contains(file)) {
            throw Refusal.notFound("font");
        }
        return ResponseEntity.ok()
                .contentType(FONT)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)))
                .body(WebFonts.read(file));
    }

    @GetMapping("/reading/reading.css")
    ResponseEntity<Resource> style() {
        return ResponseEntity.ok().contentType(CSS).body(new ClassPathResource("/reading/reading.css"));
    }

    @GetMapping("/reading/reading.js")
    ResponseEntity<Resource> script() {
        return ResponseEntity.ok().contentType(SCRIPT).body(new ClassPathResource("/reading/reading.js"));
    }

    /** A reader is told in a page, as they met one. */
    @ExceptionHandler(Refusal.class)
    ResponseEntity<String> refused(Refusal refusal) {
        return ReadingAnswers.page(refusal.status(), pages.saying("That did not work", refusal.getMessage()));
    }

    private ResponseEntity<String> over() {
        return ReadingAnswers.page(
                HttpStatus.GONE,
                pages.saying(
                        "This link opens nothing",
                        "It is over, it was taken back, or a letter of it is missing. Ask whoever gave it to you for a new one."));
    }

    private static Visitor visitor(HttpServletRequest request) {
        var key = Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Stream::of)
                .filter(cookie -> cookie.getName().equals(KEY))
                .map(Cookie::getValue)
                .findFirst();
        return new Visitor(request.getRemoteAddr(), key);
    }

    /** It goes to this link alone. */
    private static String cookie(String secret, String key, HttpServletRequest request) {
        return ResponseCookie.from(KEY, key)
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .path("/reading/" + secret + "/")
                .maxAge(KEY_KEPT)
                .build()
                .toString();
    }
}
