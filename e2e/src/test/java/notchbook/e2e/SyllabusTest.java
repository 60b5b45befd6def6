package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.ISO_8859_1;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A syllabus from outside, from the file to coverage, to the next edition and back; and a teacher's plan and class. */
class SyllabusTest {
    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void bringsInASyllabusOf150PointsMovesToTheNextEditionAndBack() {
        var joss = new Desk(chrome.signedIn("joss"));
        joss.page().navigate(Stage.address() + "/new");
        joss.page().getByLabel(Pattern.compile("^A table")).check();
        var file = joss.page().getByLabel("CSV or CASE file");
        file.setInputFiles(new FilePayload("rocks.csv", "text/csv", rocks(1, "").getBytes(ISO_8859_1)));
        joss.sees("mend first")
                .choose("What “Nr” holds", "Code")
                .choose("What “Größe” holds", "Title of a unit or topic");
        joss.choose("What “Anteil” holds", "Weight in per cent").sees("150 points");
        joss.fill("Code", "RK-1").fill("Title of the edition", "Rocks to 2028").press("Make the edition");
        joss.sees("RK-1 Rocks to 2028").fill("Title", "Rocks");
        joss.press("Make the notebook").sees("Rocks of kind 3");

        joss.go("Topic 1.1").fill("Title of a new page", "Granite").press("Make a page");
        assertThat(joss.page().getByLabel("Title of the page")).hasValue("Granite");
        joss.write("Granite cools slowly and has large crystals.")
                .kept()
                .notch("1.1a")
                .notch("1.1b")
                .kept();
        joss.go("^Coverage$").sees("148");
        joss.press("of the marks").sees("2 of 150 points in force");

        joss.page().navigate(Stage.address() + "/syllabi");
        joss.page()
                .getByLabel("CSV or CASE file")
                .setInputFiles(new FilePayload(
                        "next.csv", "text/csv", rocks(2, "anew ").getBytes(ISO_8859_1)));
        joss.sees("149 points");
        joss.fill("Code", "RK-2")
                .fill("Title of the edition", "Rocks from 2029")
                .press("Make the edition");
        assertThat(joss.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("RK-2 Rocks from 2029");

        joss.go("^Syllabus$").choose("Set beside", "RK-2 Rocks from 2029");
        joss.sees("148 same, 1 reworded, 1 dropped").sees("1 notch on dropped lines");
        joss.press("Move this notebook there").sees("Moved from RK-1 Rocks to 2028");
        joss.go("^Coverage$").sees("148").press("of the marks").sees("1 of 149 points in force");
        joss.go("^Syllabus$").press("^Go back$");
        assertThat(joss.button("^Go back$")).hasCount(0);
        joss.go("^Coverage$").sees("148").press("of the marks").sees("2 of 150 points in force");
    }

    @Test
    void plansAWeekForTheClassAndSeesWhoNeedsHelp() {
        var tolland = new Desk(chrome.signedIn("tolland"));
        tolland.go("Coverage of 10B Physics").sees("Done in class, and still bare for most");
        assertThat(tolland.page().getByRole(AriaRole.ROWHEADER)).hasCount(13);
        tolland.follow("^Plan$");
        var lenses = tolland.page().getByLabel(Pattern.compile("^3.4 Lenses: weeks 15 to 16"));
        lenses.focus();
        tolland.page().keyboard().press("Shift+ArrowRight");
        assertThat(tolland.page().getByLabel(Pattern.compile("^3.4 Lenses: weeks 15 to 17")))
                .isVisible();
        tolland.page().keyboard().press("Shift+ArrowLeft");
        assertThat(lenses).isVisible();
        tolland.follow("^Coverage$").follow("Ana Ellory");
        tolland.sees("of the marks have notes behind them").press("1.1").sees("of the marks: its points in force are");
    }

    /** A table that a school might have: semicolons, Latin-1, codes that tell what stands where, one column of text. */
    private static String rocks(int edition, String word) {
        var table = new StringBuilder(edition == 1 ? "Nr;Größe;Anteil\n" : "Code;Title;Weight\n");
        for (var unit = 1; unit <= 3; unit++) {
            table.append("%d;Rocks of kind %d;%s\n".formatted(unit, unit, unit == 1 ? "40 %" : "30"));
            for (var topic = 1; topic <= 5; topic++) {
                table.append("%d.%d;Topic %d.%d;\n".formatted(unit, topic, unit, topic));
                for (var point = 'a'; point <= 'j'; point++) {
                    var code = unit + "." + topic + point;
                    if (edition == 2 && code.equals("1.1b")) {
                        continue;
                    }
                    table.append("%s;\"%sSay how rock %s; was made\";\n"
                            .formatted(code, code.equals("1.1a") ? word : "", code));
                }
            }
        }
        return table.toString();
    }
}
