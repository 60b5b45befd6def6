package notchbook.formats.link;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.util.Optional;
import notchbook.core.link.Clip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The clip that a page is about, found in what it and its site say of themselves. */
class PageClipTest {
    private static final URI HERE = URI.create("https://films.example/ripple-tank");

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            <meta property=og:video content=/f/7.mp4><meta property=og:video:type content=video/mp4> | FILM | /f/7.mp4 | 0
            <meta property=og:video:secure_url content=/play/7><meta property=og:video content=http://films.example/play/7><meta property=og:video:type content=text/html> | PLAYER | /play/7 | 0
            <meta property=og:video:url content=/play/7><meta property=video:duration content=200> | PLAYER | /play/7 | 200
            <meta property=og:audio content=/s/7.ogg> | SOUND | /s/7.ogg | 0
            <meta name=twitter:player content=/card/7> | PLAYER | /card/7 | 0
            <script type=application/ld+json>{"@graph":[{"@type":"WebPage"},{"@type":"VideoObject","embedUrl":"/play/7","duration":"PT3M20S"}]}</script> | PLAYER | /play/7 | 200
            <script type=application/ld+json>[{"@type":"AudioObject","contentUrl":"/s/7","embedUrl":"/play/7"}]</script> | SOUND | /s/7 | 0
            <meta property=og:video content=/play/7><script type=application/ld+json>{"@type":"VideoObject","contentUrl":"/f/7","duration":"PT9S"}</script> | FILM | /f/7 | 9
            """)
    void isFoundByWhatThePageSays(String head, Clip.Form form, String path, int seconds) {
        assertThat(read(head).clip())
                .contains(
                        new Clip(HERE.resolve(path), form, Optional.of(seconds).filter(length -> length > 0)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<title>no clip</title>",
                "<meta property=og:video content=http://films.example/f/7.mp4>",
                "<meta property=og:video content='javascript:alert(1)'>",
                "<meta property=og:video content=/f/7.swf><meta property=og:video:type content=application/x-shockwave-flash>",
                "<meta name=twitter:player content='https://[bad'>",
                "<script type=application/ld+json>{\"@type\":\"VideoObject\",\"embedUrl\":{\"@id\":1},\"duration\":\"long\"}</script>",
                "<script type=application/ld+json>{\"@type\":\"VideoObject\"</script>",
                "<script type=application/ld+json>{\"a\":{\"a\":{\"a\":{\"a\":{\"a\":{\"@type\":\"VideoObject\",\"contentUrl\":\"/f\"}}}}}}</script>",
            })
    void isLeftOutWhereItCannotBePlayedSafely(String head) {
        assertThat(read(head).clip()).isEmpty();
    }

    @Test
    void survivesLinkedDataThatNestsWithoutEnd() {
        assertThat(read("<script type=application/ld+json>" + "[".repeat(100_000) + "</script>")
                        .clip())
                .isEmpty();
    }

    @Test
    void isFoundBesideThePageAsItsSiteSays() {
        var page = read("<title>Ripples</title><link rel=alternate type=application/json+oembed href='/oembed?of=7'>");
        assertThat(page.embedding()).contains(HERE.resolve("/oembed?of=7"));
        var said = embedding("""
                {"version": "1.0", "type": "video", "title": "Other", "author_name": "Jon\\n Abel", "thumbnail_url": "/t.jpg",
                 "html": "<script>x</script><iframe src='/play/7' onload='alert(1)'></iframe>", "duration": 200}""");
        var card = page.or(said.orElseThrow());
        assertThat(card.title()).isEqualTo("Ripples");
        assertThat(card.author()).isEqualTo("Jon Abel");
        assertThat(card.picture()).contains(HERE.resolve("/t.jpg"));
        assertThat(card.clip()).contains(new Clip(HERE.resolve("/play/7"), Clip.Form.PLAYER, Optional.of(200)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"type\": \"link\", \"html\": \"<iframe src='/play/7'></iframe>\"}",
                "{\"type\": \"video\", \"html\": \"<video src='/f/7.mp4'></video>\"}",
                "{\"type\": \"video\", \"html\": \"<iframe src='http://films.example/play'></iframe>\"}",
                "{\"type\": \"video\", \"html\": {\"a\": 1}, \"title\": [1]}",
            })
    void takesNothingOfAnAnswerButWhereItsPlayerStands(String json) {
        assertThat(embedding(json).orElseThrow().clip()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "[]", "{\"type\"", "<html>"})
    void isNotFoundInWhatIsNoAnswer(String json) {
        assertThat(embedding(json)).isEmpty();
    }

    @Test
    void isTheFileItselfWhereALinkLeadsToOne() {
        var card = PageCard.ofFile(URI.create("https://films.example/f/slow%20wave.webm"), Clip.Form.FILM);
        assertThat(card.title()).isEqualTo("slow wave.webm");
        assertThat(card.clip()).map(Clip::form).contains(Clip.Form.FILM);
    }

    private static PageCard read(String head) {
        return PageCard.read(head.getBytes(UTF_8), Optional.of("utf-8"), HERE);
    }

    private static Optional<Embedding> embedding(String json) {
        return Embedding.read(json.getBytes(UTF_8), HERE);
    }
}
