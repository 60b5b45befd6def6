package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** The main views of the demo school as a person has them, with the addresses that lead there. */
record Views(String name, String path) {
    private static final String IDS = """
            async () => {
              const get = async (path) => (await fetch(path)).json();
              const me = (await get('/api/me')).person;
              if (me.role === 'KEEPER') return { keeper: 'yes' };
              if (me.role === 'TEACHER') {
                const echo = (await get('/api/set-work')).map((one) => one.setWork).find((work) => work.title === 'Echo practical');
                const register = await get(`/api/set-work/${echo.id}/register`);
                const latest = register.students.find((line) => line.name === 'Rue Vanterpool').latest;
                const physics = me.classes.find((one) => one.name === '10B Physics').id;
                const rows = (await get(`/api/classes/${physics}/coverage`)).students;
                const { pieces } = await get(`/api/classes/${physics}/noticeboard`);
                const waiting = pieces.find((one) => one.standing === 'ASKED').id;
                return { teacher: 'yes', waiting, setWork: echo.id, handIn: latest.id, group: physics, student: rows[0].id };
              }
              const book = (await get('/api/notebooks')).find((one) => one.title.startsWith('Physics'));
              const geography = (await get('/api/notebooks')).find((one) => one.title.startsWith('Geography'));
              const contents = await get(`/api/notebooks/${book.id}`);
              const edition = await get(`/api/editions/${book.editionId}`);
              const asked = await get('/api/hand-ins');
              const collections = await get('/api/collections');
              const echo = contents.pages.find((one) => one.title.startsWith('Timing an echo')).id;
              const entryOf = async (page, fits) => (await get(`/api/pages/${page}`)).entries.find(fits).id;
              const tank = contents.pages.find((one) => one.title === 'Ripple tank').id;
              const paper = contents.pages.find((one) => one.title === 'Ripple tank notes').id;
              return {
                teacher: '',
                book: book.id,
                schoolClass: book.classId,
                piece: (await get(`/api/classes/${book.classId}/noticeboard`)).pieces.find((one) => one.isMine && one.standing === 'SHOWN').id,
                edition: book.editionId,
                section: contents.sections.find((one) => one.code === '2.3').id,
                page: echo,
                worksheet: await entryOf(echo, (one) => one.caption.startsWith('The worksheet')),
                drawing: await entryOf(tank, (one) => one.kind === 'INK'),
                source: (await get(`/api/notebooks/${geography.id}`)).pages.find((one) => one.title.startsWith('What the river')).id,
                geography: geography.id,
                attached: (await get(`/api/notebooks/${geography.id}`)).pages.find((one) => one.title.startsWith('Sea defences')).id,
                paper,
                scan: (await get(`/api/pages/${paper}/scans`))[0].id,
                observation: tank,
                talked: contents.pages.find((one) => one.title.startsWith('Ripple tank again')).id,
                writing: contents.pages.find((one) => one.title.startsWith('Words for measuring')).id,
                lookBack: (await get(`/api/notebooks/${book.id}/look-backs`))[0].id,
                point: edition.nodes.find((one) => one.code === '2.3b').id,
                version: asked.find((one) => one.setWork.title === 'Echo practical').versions[0].id,
                yearBook: (await get('/api/books'))[0].id,
                collection: collections.find((one) => one.title.startsWith('Sea')).id,
                shown: (await get('/api/shown-collections')).find((one) => one.title.startsWith('Ears')).id,
              };
            }
            """;

    static List<Views> of(Page page) {
        @SuppressWarnings("unchecked")
        var ids = (Map<String, String>) page.evaluate(IDS);
        var views = new ArrayList<Views>();
        if (ids.containsKey("keeper")) {
            views.add(new Views("people-and-classes", "/school"));
            views.add(new Views("books-of-the-school", "/school/book-patterns"));
            return views;
        }
        if (!ids.get("teacher").isEmpty()) {
            views.add(new Views("set-work", "/set-work"));
            views.add(new Views("who-is-in", "/register"));
            views.add(new Views("class-book", "/set-work/" + ids.get("setWork") + "/" + ids.get("handIn") + "/read"));
            views.add(new Views("set-work-one", "/set-work/" + ids.get("setWork")));
            views.add(new Views("unasked", "/unasked/" + ids.get("group")));
            views.add(new Views("check", "/set-work/" + ids.get("setWork") + "/" + ids.get("handIn")));
            views.add(new Views("class", "/classes/" + ids.get("group")));
            views.add(new Views("student", "/classes/" + ids.get("group") + "/" + ids.get("student")));
            views.add(new Views("groups", "/classes/" + ids.get("group") + "/groups"));
            views.add(new Views("class-noticeboard", "/classes/" + ids.get("group") + "/noticeboard"));
            views.add(
                    new Views("piece-waiting", "/classes/" + ids.get("group") + "/noticeboard/" + ids.get("waiting")));
            views.add(new Views("said", "/classes/" + ids.get("group") + "/said"));
            views.add(new Views("weekly-sheets", "/classes/" + ids.get("group") + "/sheets"));
            views.add(new Views("weekly-questions", "/classes/" + ids.get("group") + "/prompts"));
            views.add(new Views("books-of-a-class", "/classes/" + ids.get("group") + "/book-patterns"));
            views.add(new Views("plan", "/classes/" + ids.get("group") + "/plan"));
            views.add(new Views("school-years", "/school-years"));
            return views;
        }
        var book = "/n/" + ids.get("book");
        views.add(new Views("week", "/"));
        views.add(new Views("page", book + "/p/" + ids.get("page")));
        views.add(new Views("writing", book + "/p/" + ids.get("writing")));
        views.add(new Views("source", "/n/" + ids.get("geography") + "/p/" + ids.get("source")));
        views.add(new Views("attached", "/n/" + ids.get("geography") + "/p/" + ids.get("attached")));
        views.add(new Views("beside", book + "/p/" + ids.get("page") + "?beside=" + ids.get("observation")));
        views.add(new Views("review", book + "/p/" + ids.get("page") + "?review"));
        views.add(new Views("scan", book + "/p/" + ids.get("paper") + "/scan/" + ids.get("scan")));
        views.add(new Views("observation", book + "/p/" + ids.get("observation")));
        views.add(new Views("voice", book + "/p/" + ids.get("talked")));
        views.add(new Views("layer", book + "/p/" + ids.get("page") + "?write=" + ids.get("worksheet") + ".0"));
        views.add(new Views("ink", book + "/p/" + ids.get("observation") + "?entry=" + ids.get("drawing")));
        views.add(new Views("unfiled", book + "/unfiled"));
        views.add(new Views("marks", book + "/marks"));
        views.add(new Views("coverage", book + "/coverage"));
        views.add(new Views("kinds", book + "/coverage?view=kinds"));
        views.add(new Views("line", book + "/coverage?view=line"));
        views.add(new Views("papers", book + "/papers"));
        views.add(new Views("own-plan", book + "/plan"));
        views.add(new Views("edition", book + "/edition"));
        views.add(new Views("syllabi", "/syllabi"));
        views.add(new Views("syllabus", "/syllabi/" + ids.get("edition")));
        views.add(new Views("needle", book + "/needle?nodes=" + ids.get("point")));
        views.add(new Views("reflection", book + "/reflections/12"));
        views.add(new Views("reflections", book + "/reflections"));
        views.add(new Views("look-back", book + "/look-backs/" + ids.get("lookBack")));
        views.add(new Views("growth", book + "/growth"));
        views.add(new Views("growth-everywhere", "/growth?kind=RECORDING"));
        views.add(new Views("year-books", "/books"));
        views.add(new Views("year-book", "/books/" + ids.get("yearBook")));
        views.add(new Views("year-book-read", "/books/" + ids.get("yearBook") + "/read"));
        views.add(new Views("prompts", "/prompts"));
        views.add(new Views("collection", "/collections/" + ids.get("collection")));
        views.add(new Views("collection-table", "/collections/" + ids.get("collection") + "?as=table"));
        views.add(new Views("collection-board", "/collections/" + ids.get("collection") + "?as=board"));
        views.add(new Views("collection-chart", "/collections/" + ids.get("collection") + "?as=chart"));
        views.add(new Views("collections", "/collections"));
        var board = "/classes/" + ids.get("schoolClass") + "/noticeboard";
        views.add(new Views("noticeboard", board));
        views.add(new Views("piece", board + "/" + ids.get("piece")));
        views.add(new Views("noticeboard-read", board + "/" + ids.get("piece") + "/read"));
        views.add(new Views("shown", "/shown/" + ids.get("shown")));
        views.add(new Views("hand-in", book + "/s/" + ids.get("section") + "/hand-in"));
        views.add(new Views("hand-in-pages", book + "/hand-in?pages=" + ids.get("page")));
        views.add(new Views("book", book + "/s/" + ids.get("section") + "/read"));
        views.add(new Views("hand-ins", "/hand-ins"));
        views.add(new Views("version", "/versions/" + ids.get("version")));
        views.add(new Views("section", book + "/s/" + ids.get("section")));
        views.add(new Views("sections", book));
        views.add(new Views("new-notebook", "/new"));
        views.add(new Views("account", "/account"));
        views.add(new Views("bags", "/bags"));
        views.add(new Views("links", "/links"));
        views.add(new Views("bin", book + "/bin"));
        return views;
    }

    void open(Page page) {
        page.navigate(Stage.address() + path);
        page.locator("#screen h1").first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(page.locator("h1").first()).not().hasText("That did not open");
        assertThat(page).hasTitle(Pattern.compile(".+ · Notchbook"));
    }
}
