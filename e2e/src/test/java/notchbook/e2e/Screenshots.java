package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Takes the pictures in docs/screenshots; run by {@code ./notchbook shots}. */
@Tag("slow")
class Screenshots {
    private static final Path FOLDER = Path.of("../docs/screenshots");
    private static final List<String> LEFT_OUT = List.of(
            "bags",
            "links",
            "reflections",
            "look-back",
            "prompts",
            "books-of-a-class",
            "books-of-the-school",
            "growth-everywhere",
            "year-books",
            "year-book-read",
            "layer",
            "writing",
            "groups",
            "said",
            "class-noticeboard",
            "piece-waiting",
            "piece",
            "noticeboard-read",
            "papers",
            "weekly-sheets",
            "weekly-questions",
            "kinds",
            "line",
            "own-plan",
            "edition",
            "syllabi",
            "syllabus",
            "student",
            "plan",
            "school-years",
            "source",
            "marks",
            "collections",
            "collection",
            "collection-chart",
            "collection-table",
            "shown",
            "sections",
            "bin",
            "beside",
            "review",
            "attached",
            "observation",
            "section",
            "unfiled",
            "hand-ins",
            "set-work",
            "who-is-in",
            "set-work-one",
            "unasked",
            "class-book",
            "hand-in-pages",
            "book",
            "new-notebook",
            "account");

    @Test
    void takeThemAll() {
        try (var chrome = new Chrome()) {
            for (var name : List.of("marlo", "tolland")) {
                var page = chrome.signedIn(name);
                Views.of(page).stream()
                        .filter(view -> !LEFT_OUT.contains(view.name()))
                        .forEach(view -> take(view, page, view.name()));
            }
            var finding = new Desk(chrome.signedIn("marlo"));
            finding.key("/").fill("What to find", "speed of sound").sees("Entries");
            shoot(finding.page(), "find");
            var dark = chrome.context(1280, 800).newPage();
            dark.addInitScript("localStorage.setItem('notchbook.theme', 'dark')");
            take(Views.of(Chrome.signIn(dark, "marlo")).get(1), dark, "page-dark");
            var phone = Chrome.signIn(chrome.context(390, 780).newPage(), "marlo");
            take(Views.of(phone).get(1), phone, "page-phone");
        }
    }

    private static void take(Views view, Page page, String name) {
        view.open(page);
        shoot(page, name);
    }

    private static void shoot(Page page, String name) {
        page.waitForTimeout(400);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
