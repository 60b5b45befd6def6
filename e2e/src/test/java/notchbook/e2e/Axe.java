package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** What axe finds on a page. */
final class Axe {
    /** All of the page, by every rule of WCAG 2.2 AA. */
    static final List<String> ALL_RULES = List.of("html", "wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private static final Path SCRIPT = Path.of("../web/node_modules/axe-core/axe.min.js");
    private static final String BREACHES =
            "async ([where, ...rules]) => (await axe.run(where, {runOnly: rules, resultTypes: ['violations'], preload: false}))"
                    + ".violations.flatMap(v => v.nodes.map(n => v.id + ' ' + n.html.slice(0, 160)))";

    private Axe() {}

    /** Brings axe onto a page. */
    static void ready(Page page) {
        try {
            page.evaluate(Files.readString(SCRIPT));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** What breaks these rules, the first of which is where to look. */
    static List<?> breaches(Page page, List<String> rules) {
        return (List<?>) page.evaluate(BREACHES, rules);
    }
}
