package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * How long a teacher waits: for the register of 150 students and 20 works, and for the next of three hand-ins of 40 pages and 60
 * photos each; run by {@code ./notchbook bench check}. Figures are printed and judged by nobody here.
 */
@Tag("slow")
class CheckBench {
    private static final List<String> STUDENTS = List.of("teo", "noor", "pim");
    private static final int TIMES = 10;

    private static final String ASK = """
            async () => {
              const secret = decodeURIComponent(document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN=')).slice(11));
              const [{ setWork }] = (await (await fetch('/api/set-work')).json()).filter((one) => one.setWork.className === '10B Physics');
              const id = crypto.randomUUID();
              await fetch('/api/set-work/' + id, { method: 'PUT', headers: { 'content-type': 'application/json', 'X-XSRF-TOKEN': secret },
                body: JSON.stringify({ classId: setWork.classId, title: 'Forty pages', instructions: '', topic: setWork.topic,
                  due: '2027-01-29', asked: { kinds: [], withSources: false }, criteria: [] }) });
              return id;
            }""";

    private static final String HAND_IN = BenchPage.script("""
            async (work) => {
              const { pages } = await (await fetch('/api/notebooks/' + book.id)).json();
              const shown = await Promise.all(pages.map(async ({ id }) => (await (await fetch('/api/pages/' + id)).json()).entries));
              const pictures = shown.flat().filter((one) => one.kind === 'PHOTO').map((one) => one.media.id).slice(0, 10);
              const made = crypto.randomUUID();
              await put('/api/sections/' + made, { notebookId: book.id, title: 'Forty pages', topics: [] });
              const entry = (pageId, kind, content, more) => put('/api/entries/' + crypto.randomUUID(),
                { baseVersion: 0, pageId, kind, caption: 'Wall and clock', width: 'HALF', content, ...more });
              const text = 'The sound goes there and back, so the way is halved. '.repeat(12);
              for (let at = 0; at < 40; at++) {
                const page = crypto.randomUUID();
                await put('/api/pages/' + page, { sectionId: made, title: 'Page ' + (at + 1) });
                await entry(page, 'TYPED', { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] });
                for (let photo = 0; photo < 1 + (at % 2); photo++)
                  await entry(page, 'PHOTO', {}, { mediaId: pictures[(at + photo) % pictures.length] });
              }
              const answer = await put('/api/hand-ins/' + crypto.randomUUID(), { picked: { section: made, pages: [] }, setWorkId: work,
                purpose: 'HAND_IN', with: [], words: '', along: { marks: false, cues: false, earlier: false, lookBacks: false },
                fitted: false, withMissing: true });
              return answer.status;
            }""");

    @Test
    void measure() throws SQLException {
        try (var chrome = new Chrome()) {
            var tolland = chrome.signedIn("tolland");
            turnPages(chrome, tolland);
            fill((String) tolland.evaluate("fetch('/api/me').then((me) => me.json()).then((me) => me.person.id)"));
            openRegister(tolland, "its first rows", "Benchley-1,");
            openRegister(tolland, "its last row", "Benchley-99,");
        }
    }

    private static void turnPages(Chrome chrome, Page tolland) {
        var work = (String) tolland.evaluate(ASK);
        for (var student : STUDENTS) {
            System.out.printf(
                    "%s hands in: %s%n", student, chrome.signedIn(student).evaluate(HAND_IN, work));
        }
        tolland.navigate(Stage.address() + "/set-work/" + work);
        tolland.locator("#screen table a").first().click();
        tolland.getByText("Page 40").first().waitFor();
        var names = List.of("Sallow", "Yusk");
        var times = new double[2 * TIMES];
        for (var time = 0; time < TIMES; time++) {
            for (var at = 0; at < 2; at++) {
                tolland.waitForTimeout(2_000);
                times[2 * time + at] = Painted.after(tolland, names.get(at) + " · version", "ArrowRight");
            }
            tolland.keyboard().press("ArrowLeft");
            tolland.waitForTimeout(500);
            tolland.keyboard().press("ArrowLeft");
        }
        Painted.print("the next of three hand-ins of 40 pages and 60 photos, from the key", times);
    }

    private static void openRegister(Page tolland, String what, String seen) {
        var times = new double[TIMES];
        var answers = new double[TIMES];
        for (var time = 0; time < TIMES; time++) {
            tolland.navigate(Stage.address() + "/set-work");
            tolland.locator("#screen h1").first().waitFor();
            tolland.waitForTimeout(2_000);
            Painted.watch(tolland, seen);
            tolland.getByText("Who is in").first().click();
            times[time] = Painted.millis(tolland);
            answers[time] = ((Number)
                            tolland.evaluate(
                                    "performance.getEntriesByType('resource').findLast((one) => one.name.endsWith('/api/register')).duration"))
                    .doubleValue();
        }
        Painted.print("register of 150 students and 20 works, from the press to " + what, times);
        Painted.print("of it, its answer", answers);
    }

    /** A class of 150 with 20 works, of which each student has handed in three of four. */
    private static void fill(String teacher) throws SQLException {
        var classId = UUID.randomUUID();
        try (var db = DriverManager.getConnection(Stage.database(), "root", "");
                var statement = db.createStatement()) {
            for (var line : List.of(
                    "insert into school_class (id, name) values ('%s', 'Year of 150')",
                    "insert into class_member (class_id, person_id) values ('%s', '" + teacher + "')",
                    "insert into person (id, user_name, full_name, role, password_hash) select uuid(), concat('bench-', seq), concat('Ben Benchley-', seq), 'STUDENT', '-' from seq_1_to_150",
                    "insert into class_member (class_id, person_id) select '%s', id from person where user_name like 'bench-%%'",
                    "insert into set_work (id, class_id, title, instructions, topic_id, due, set_by) select uuid(), '%s', concat('Work ', seq), '', (select topic_id from set_work limit 1), date_add('2026-09-10', interval seq week), '"
                            + teacher + "' from seq_1_to_20",
                    "insert into hand_in (id, work_id, set_work_id, class_id, notebook_id, section_id, student_id, title, version, state, missing, sealed_at, manifest, digest) "
                            + "select uuid(), uuid(), set_work.id, set_work.class_id, (select id from notebook limit 1), (select id from section limit 1), person.id, 'Bench', 1, 'WAITING', 0, '2026-11-20', '', '' "
                            + "from set_work join person where set_work.class_id = '%s' and person.user_name like 'bench-%%' and rand() < 0.75")) {
                statement.execute(line.formatted(classId));
            }
        }
    }
}
