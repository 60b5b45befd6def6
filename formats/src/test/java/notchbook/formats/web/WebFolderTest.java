package notchbook.formats.web;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeMap;
import java.util.regex.Pattern;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import notchbook.formats.sheet.Sheets;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WebFolderTest {
    private static final Pattern ELSEWHERE = Pattern.compile("^(https?:|//|/)");

    @TempDir
    private Path folder;

    @Test
    void keepsToTheStandard() throws IOException {
        var pages = new TreeMap<String, String>();
        for (var sheet : Sections.all().toList()) {
            pages.put(sheet.getName(), index(sheet.getPayload()));
        }
        pages.put("sounds and files", index(Sections.withSound(folder)));
        assertThat(HtmlFindings.of(pages)).isEmpty();
    }

    private static String index(SectionSheet sheet) throws IOException {
        var out = new ByteArrayOutputStream();
        WebFolder.write(sheet, out);
        return new String(Zips.read(out.toByteArray()).get("index.html"), UTF_8);
    }

    @Test
    void showsAndPlaysEverythingFromWithinTheFolder() throws IOException {
        for (var sheet : List.of(Sheets.withEverything(), Sections.withSound(folder))) {
            var out = new ByteArrayOutputStream();
            WebFolder.write(sheet, out);
            var parts = Zips.read(out.toByteArray());
            var page = Jsoup.parse(new String(parts.get("index.html"), UTF_8));
            var shown = page.select("[src], link[href], image[href]").eachAttr("src");
            shown.addAll(page.select("link[href], image[href]").eachAttr("href"));
            assertThat(shown).isNotEmpty().allMatch(parts::containsKey).noneMatch(ELSEWHERE.asPredicate());
            assertThat(page.select("script")).isEmpty();
        }
    }

    @Test
    void leadsFromTheContentsToEachPage() throws IOException {
        var page = Jsoup.parse(index(Sections.withSound(folder)));
        for (var link : page.select("nav a")) {
            var target = page.selectFirst(link.attr("href"));
            assertThat(target).isNotNull();
            assertThat(target.selectFirst("h2").text()).isEqualTo(link.text());
        }
        assertThat(page.select("audio").eachAttr("aria-label")).containsExactly("Wall", "Clock");
    }
}
