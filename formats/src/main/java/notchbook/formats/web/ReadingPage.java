package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SheetMedia;

/** One thing as a web page for a reader outside: without an account, without anything around it, readable without a script. */
public final class ReadingPage {
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><title>%s</title>
            <meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex, nofollow">
            <link rel="stylesheet" href="%sfonts.css"><link rel="stylesheet" href="%2$sbook.css"><link rel="stylesheet" href="%2$sreading.css">
            <script src="%2$sreading.js" defer></script></head><body>
            %s</body></html>
            """;

    private static final String TOOLS = """
            <div class="tools" hidden><button type="button" data-does="smaller">Smaller</button>
            <button type="button" data-does="larger">Larger</button>
            <button type="button" data-does="aloud" aria-pressed="false">Read aloud</button></div>
            """;

    /** The title of what is read stands over those of its pages. */
    private static final int BELOW_THE_TITLE = 2;

    private final String assets;

    /** {@code assets} is the address of the folder of its styles and its script. */
    public ReadingPage(String assets) {
        this.assets = assets;
    }

    /** What stands below it: nothing, a place to answer in, or what was answered. */
    public sealed interface Below {
        record Nothing() implements Below {}

        /** {@code token} proves that the form was sent from this page. */
        record Form(String token) implements Below {}

        record Answered(String words) implements Below {}
    }

    /** A detail by which things can be sorted and grouped. */
    public record Way(String key, String name) {}

    /** How a collection can be looked at, and how it is: by words, sorted by a detail, in groups by one; each blank where nothing was chosen. */
    public record Ways(List<Way> details, String words, String sort, boolean isFalling, String by) {}

    /** What stands around what is read: {@code note} says for whom it is and until when. */
    public record Frame(String note, Optional<Ways> ways, Below below) {}

    public String write(SectionSheet sheet, SheetMedia media, Frame frame) {
        var book = WebBook.of(sheet, media, BELOW_THE_TITLE);
        var chapters = book.chapters();
        return page(
                sheet.title(),
                "<header><h1 class=\"title\">%s</h1><p class=\"when\">%s</p><p class=\"note\">%s</p>%s%s%s</header><main>%s%s</main>"
                        .formatted(
                                escaped(sheet.title()),
                                escaped(sheet.from()),
                                escaped(frame.note()),
                                TOOLS,
                                frame.ways().map(ReadingPage::ways).orElse(""),
                                contents(book),
                                IntStream.range(0, chapters.size())
                                        .mapToObj(at -> "<section id=\"page-%d\">%s</section>"
                                                .formatted(at, chapters.get(at).body()))
                                        .collect(joining("\n")),
                                below(frame.below())));
    }

    /** A form whose answer is the same page in another way: it changes nothing, and needs no script. */
    private static String ways(Ways ways) {
        return """
                <details class="ways"%s><summary>Look at it your own way</summary><form method="get" action="./">
                <label for="ways-words">What holds these words</label>
                <input id="ways-words" name="words" maxlength="200" value="%s">
                <label for="ways-sort">Sorted by</label><select id="ways-sort" name="sort">%s</select>
                <label class="tick"><input type="checkbox" name="falling" value="true"%s> The most, or the latest, first</label>
                <label for="ways-by">In groups by</label><select id="ways-by" name="by">%s</select>
                <button>Show it like this</button> <a href="./">As it was given</a></form></details>
                """.formatted(
                        (ways.words() + ways.sort() + ways.by()).isEmpty() ? "" : " open",
                        escaped(ways.words()),
                        options(ways.details(), ways.sort(), "its own order"),
                        ways.isFalling() ? " checked" : "",
                        options(ways.details(), ways.by(), "no groups"));
    }

    private static String options(List<Way> details, String chosen, String none) {
        return Stream.concat(Stream.of(new Way("", none)), details.stream())
                .map(one -> "<option value=\"%s\"%s>%s</option>"
                        .formatted(
                                escaped(one.key()), one.key().equals(chosen) ? " selected" : "", escaped(one.name())))
                .collect(joining());
    }

    private static String contents(WebBook book) {
        var chapters = book.chapters();
        return chapters.size() < 2
                ? ""
                : IntStream.range(0, chapters.size())
                        .mapToObj(at -> "<li><a href=\"#page-%d\">%s</a></li>"
                                .formatted(at, escaped(chapters.get(at).title())))
                        .collect(joining("", "<nav aria-label=\"Contents\"><ol>", "</ol></nav>"));
    }

    private static String below(Below below) {
        return switch (below) {
            case Below.Nothing ignored -> "";
            case Below.Answered answered ->
                "<section class=\"answer\"><h2>Your answer</h2><p>%s</p></section>"
                        .formatted(escaped(answered.words()).replace("\n", "<br>"));
            case Below.Form form -> """
                <section class="answer"><h2>Write an answer</h2><form method="post" action="answer">
                <input type="hidden" name="_csrf" value="%s"><label for="words">Your words, up to 2,000 letters. You can send one answer.</label>
                <textarea id="words" name="words" rows="5" maxlength="2000" required></textarea>
                <button>Send the answer</button></form></section>
                """.formatted(escaped(form.token()));
        };
    }

    /** Asks for the word of a link; {@code said} tells what was wrong with the last one, if there was one. */
    public String asking(String said, String token) {
        return page("A word opens this", """
                <main><h1>A word opens this</h1><p>Whoever gave you the link told you a word. Type it here.</p>%s
                <form method="post" action="word"><input type="hidden" name="_csrf" value="%s">
                <label for="word">The word</label><input id="word" name="word" autocomplete="off" required>
                <button>Open it</button></form></main>
                """.formatted(
                        said.isBlank() ? "" : "<p role=\"alert\">" + escaped(said) + "</p>", escaped(token)));
    }

    /** Says why there is nothing to read. */
    public String saying(String title, String words) {
        return page(title, "<main><h1>%s</h1><p>%s</p></main>".formatted(escaped(title), escaped(words)));
    }

    private String page(String title, String body) {
        return PAGE.formatted(escaped(title), assets, body);
    }
}
