package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.stream.IntStream;
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

    /** {@code note} says for whom it is and until when. */
    public String write(SectionSheet sheet, SheetMedia media, String note, Below below) {
        var book = WebBook.of(sheet, media, BELOW_THE_TITLE);
        var chapters = book.chapters();
        return page(
                sheet.title(),
                "<header><h1 class=\"title\">%s</h1><p class=\"when\">%s</p><p class=\"note\">%s</p>%s%s</header><main>%s%s</main>"
                        .formatted(
                                escaped(sheet.title()),
                                escaped(sheet.from()),
                                escaped(note),
                                TOOLS,
                                contents(book),
                                IntStream.range(0, chapters.size())
                                        .mapToObj(at -> "<section id=\"page-%d\">%s</section>"
                                                .formatted(at, chapters.get(at).body()))
                                        .collect(joining("\n")),
                                below(below)));
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
