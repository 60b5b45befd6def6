package notchbook.formats.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.TreeMap;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.web.ReadingPage.Below;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ReadingPageTest {
    private static final ReadingPage PAGES = new ReadingPage("/reading/");

    @TempDir
    private Path folder;

    @Test
    void keepsToTheStandardWhateverItShows() throws IOException {
        var pages = new TreeMap<String, String>();
        Sections.all().forEach(sheet -> pages.put(sheet.getName(), page(sheet.getPayload(), new Below.Nothing())));
        var sheet = Sections.withSound(folder);
        pages.put("to be answered", page(sheet, new Below.Form("a\"b")));
        pages.put("answered", page(sheet, new Below.Answered("Well <seen>.\nTwice.")));
        pages.put("asks for a word", PAGES.asking("That is not the word.", "token"));
        pages.put("over", PAGES.saying("This link has ended", "Ask for a new one."));
        assertThat(HtmlFindings.of(pages)).isEmpty();
    }

    private static String page(SectionSheet sheet, Below below) {
        return PAGES.write(sheet, SheetMedia.withAll(), "For Gran Quist", below);
    }
}
