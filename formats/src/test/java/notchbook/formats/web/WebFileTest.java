package notchbook.formats.web;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.TreeMap;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import notchbook.formats.sheet.Sheets;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WebFileTest {
    @TempDir
    private Path folder;

    private static String page(SectionSheet sheet) throws IOException {
        var out = new ByteArrayOutputStream();
        WebFile.write(sheet, out);
        return out.toString(UTF_8);
    }

    @Test
    void keepsToTheStandard() throws IOException {
        var pages = new TreeMap<String, String>();
        pages.put("everything", page(Sheets.withEverything()));
        pages.put("sounds and files", page(Sections.withSound(folder)));
        assertThat(HtmlFindings.of(pages)).isEmpty();
    }

    @Test
    void hasEverythingThatItShowsAndPlaysInIt() throws IOException {
        for (var sheet : List.of(Sheets.withEverything(), Sections.withSound(folder))) {
            var html = page(sheet);
            var page = Jsoup.parse(html);
            var shown = page.select("[src]").eachAttr("src");
            shown.addAll(page.select("image[href]").eachAttr("href"));
            assertThat(shown).isNotEmpty().allMatch(address -> address.startsWith("data:"));
            assertThat(page.select("script, link")).isEmpty();
            assertThat(html).doesNotContain("url(\"fonts/");
        }
    }

    @Test
    void playsTheSoundThatWasRecorded() throws IOException {
        var sheet = Sections.withSound(folder);
        var played = Jsoup.parse(page(sheet)).selectFirst("audio").attr("src");
        var bytes = Base64.getDecoder().decode(played.substring(played.indexOf(',') + 1));
        assertThat(bytes).isEqualTo(Files.readAllBytes(sheet.files().getFirst().place()));
    }
}
