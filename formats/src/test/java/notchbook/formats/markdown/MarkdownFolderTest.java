package notchbook.formats.markdown;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.toCollection;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import notchbook.formats.sheet.Sheets;
import notchbook.formats.web.WebFolder;
import notchbook.formats.web.Zips;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MarkdownFolderTest {
    private static final Pattern NUMBERED = Pattern.compile("w\\d+");

    @TempDir
    private Path folder;

    @Test
    void saysEveryWordThatTheWebPagesSay() throws IOException {
        var shown = shown(written(Sheets.withEverything()));
        var out = new ByteArrayOutputStream();
        WebFolder.write(Sheets.withEverything(), out);
        var page = Jsoup.parse(new String(Zips.read(out.toByteArray()).get("index.html"), UTF_8));
        assertThat(numbers(shown.text())).hasSizeGreaterThan(500).isEqualTo(numbers(page.text()));
        assertThat(shown.select("table, blockquote, li, mark, strong")).isNotEmpty();
    }

    private static Set<String> numbers(String text) {
        return NUMBERED.matcher(text).results().map(MatchResult::group).collect(toCollection(TreeSet::new));
    }

    @Test
    void holdsWhatItRefersTo() throws IOException {
        for (var sheet : List.of(Sheets.withEverything(), Sections.withSound(folder))) {
            var parts = written(sheet);
            var shown = shown(parts);
            var paths = new ArrayList<>(shown.select("img").eachAttr("src"));
            paths.addAll(shown.select("a[href^=media/]").eachAttr("href"));
            assertThat(paths).isNotEmpty().allMatch(parts::containsKey);
        }
    }

    @ParameterizedTest
    @MethodSource("notchbook.formats.sheet.Sections#all")
    void isReadAgainUnderItsTitle(SectionSheet sheet) throws IOException {
        assertThat(shown(written(sheet)).select("h1").text()).isEqualTo(sheet.title());
    }

    @Test
    void letsNoSignOfAStudentBecomeMarkup() throws IOException {
        var parts = written(Sections.saying("1. not a list *here* <b>or</b> # there"));
        assertThat(shown(parts).select("p").eachText()).contains("1. not a list *here* <b>or</b> # there");
    }

    private static Map<String, byte[]> written(SectionSheet sheet) throws IOException {
        var out = new ByteArrayOutputStream();
        MarkdownFolder.write(sheet, out);
        return Zips.read(out.toByteArray());
    }

    private static Document shown(Map<String, byte[]> parts) {
        var tables = List.of(TablesExtension.create());
        var parsed = Parser.builder().extensions(tables).build().parse(new String(parts.get("section.md"), UTF_8));
        return Jsoup.parse(HtmlRenderer.builder().extensions(tables).build().render(parsed));
    }
}
