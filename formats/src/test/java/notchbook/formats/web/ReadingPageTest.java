package notchbook.formats.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.web.ReadingPage.Below;
import notchbook.formats.web.ReadingPage.Frame;
import notchbook.formats.web.ReadingPage.Way;
import notchbook.formats.web.ReadingPage.Ways;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ReadingPageTest {
    private static final ReadingPage PAGES = new ReadingPage("/reading/");

    private static final Optional<Ways> WAYS = Optional.of(new Ways(
            List.of(new Way("cost", "Cost <"), new Way("kind", "What it is")), "a \"wall\"", "cost", true, ""));

    @TempDir
    private Path folder;

    @Test
    void keepsToTheStandardWhateverItShows() throws IOException {
        var pages = new TreeMap<String, String>();
        Sections.all().forEach(sheet -> pages.put(sheet.getName(), page(sheet.getPayload(), new Below.Nothing())));
        var sheet = Sections.withSound(folder);
        pages.put("to be answered", page(sheet, new Below.Form("a\"b")));
        pages.put("answered", page(sheet, new Below.Answered("Well <seen>.\nTwice.")));
        pages.put("looked at", page(sheet, WAYS, new Below.Nothing()));
        pages.put("asks for a word", PAGES.asking("That is not the word.", "token"));
        pages.put("over", PAGES.saying("This link has ended", "Ask for a new one."));
        assertThat(HtmlFindings.of(pages)).isEmpty();
    }

    @Test
    void offersTheWaysInWhichACollectionCanBeLookedAtAsTheyAreNow() throws IOException {
        var page = page(Sections.withSound(folder), WAYS, new Below.Nothing());
        assertThat(page)
                .contains("<details class=\"ways\" open>", "<option value=\"cost\" selected>Cost &lt;</option>")
                .contains("value=\"a &quot;wall&quot;\"", "<option value=\"\" selected>no groups</option>");
        assertThat(page(Sections.withSound(folder), new Below.Nothing())).doesNotContain("your own way");
    }

    private static String page(SectionSheet sheet, Below below) {
        return page(sheet, Optional.empty(), below);
    }

    private static String page(SectionSheet sheet, Optional<Ways> ways, Below below) {
        return PAGES.write(sheet, SheetMedia.withAll(), new Frame("For Gran Quist", ways, below));
    }
}
