package notchbook.formats.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PageCardTest {
    private static final URI HERE = URI.create("http://tides.example/tables/may.html");

    @Test
    void readsWhatThePageSaysOfItself() {
        var card = read("""
                <head><title>Other</title><meta property="og:title" content="Tide tables &amp; moons">
                <meta property="og:description" content="When the water
                  turns."><meta property="og:site_name" content="Tidewatch"><meta property="og:image" content="/moon.jpg">""");
        assertThat(card)
                .isEqualTo(new PageCard(
                        "Tide tables & moons",
                        "When the water turns.",
                        "Tidewatch",
                        Optional.of(URI.create("http://tides.example/moon.jpg")),
                        "",
                        "",
                        Optional.empty(),
                        Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({
        "'<meta name=author content=\"Ada Byrne\"><meta property=article:published_time content=2024-03-05T08:00:00Z>', Ada Byrne, 2024-03-05",
        "'<meta property=article:author content=https://people.example/ada><meta name=citation_author content=\"Byrne, Ada\">', 'Byrne, Ada', ''",
        "'<meta name=date content=yesterday><article><time datetime=2023-11>then</time></article>', '', 2023-11",
        "'<time datetime=2020-01-01>not of the page</time>', '', ''"
    })
    void readsWhoWroteItAndWhen(String html, String author, String published) {
        assertThat(read(html).author()).isEqualTo(author);
        assertThat(read(html).published()).isEqualTo(published);
    }

    @ParameterizedTest
    @CsvSource({
        "<title> A page </title><h1>Head</h1>, A page",
        "<h1>Only a <i>heading</i></h1>, Only a heading",
        "'<meta property=og:title content=\" \"><title>T</title>', T",
    })
    void takesTheNextBestWhereItSaysNothing(String html, String title) {
        assertThat(read(html).title()).isEqualTo(title);
        assertThat(read(html).site()).isEqualTo("tides.example");
    }

    @Test
    void takesWordsAloneWhateverIsWrittenThere() {
        var card = read("<meta property=og:title content=\"&lt;script&gt;alert(1)&lt;/script&gt;\">");
        assertThat(card.title()).isEqualTo("<script>alert(1)</script>");
        assertThat(read("<title>" + "long ".repeat(200) + "</title>").title()).hasSize(300);
        assertThat(read("<meta property=og:image content='http://[bad'>").picture())
                .isEmpty();
        assertThat(read("").title()).isEmpty();
    }

    @Test
    void readsTheLettersAsTheServerOrThePageSaysTheyAreWritten() {
        var german = "<meta charset=windows-1252><title>Küste</title>".getBytes(Charset.forName("windows-1252"));
        assertThat(PageCard.read(german, Optional.empty(), HERE).title()).isEqualTo("Küste");
        var arabic = "<title>مد وجزر</title>".getBytes(StandardCharsets.UTF_8);
        assertThat(PageCard.read(arabic, Optional.of("utf-8"), HERE).title()).isEqualTo("مد وجزر");
        assertThat(PageCard.read(arabic, Optional.of("no-such-set"), HERE).title())
                .isEqualTo("مد وجزر");
    }

    private static PageCard read(String html) {
        return PageCard.read(html.getBytes(StandardCharsets.UTF_8), Optional.empty(), HERE);
    }
}
