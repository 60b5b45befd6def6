package notchbook.formats.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WebVttTest {
    @Test
    void readsWhatIsSaidAndWhenAndLeavesTheRestAside() {
        var read = WebVtt.read("""
                \uFEFFWEBVTT - Echo in the yard

                STYLE
                ::cue { color: lime }

                NOTE the first --> try
                was too quiet

                1
                00:01.000 --> 00:04.250 align:start line:0
                <v Marlo>The clap &amp; its <i>echo</i>

                01:00:00.000 --> 01:00:02.500
                a < b &lt; c<00:19.000>
                d
                """);
        assertThat(read.all())
                .extracting(SpokenLine::fromMillis, SpokenLine::toMillis, SpokenLine::words)
                .containsExactly(tuple(1_000L, 4_250L, "The clap & its echo"), tuple(3_600_000L, 3_602_500L, "a\nd"));
    }

    @Test
    void comesBackAsItWasWritten() {
        var lines = new SpokenLines(List.of(
                new SpokenLine(0, 1_005, "Is 2 < 3 & 3 > 2?\n--> yes"), new SpokenLine(7_261_042, 7_262_000, "Ende")));
        assertThat(WebVtt.write(lines)).contains("02:01:01.042 --> 02:01:02.000");
        assertThat(WebVtt.read(WebVtt.write(lines))).isEqualTo(lines);
    }

    @Test
    void keepsACaptionInOnePieceWhenItsWordsHaveAnEmptyRow() {
        var lines = new SpokenLines(List.of(new SpokenLine(0, 900, "one\n\n00:00.000 --> 00:05.000\ntwo")));
        assertThat(WebVtt.read(WebVtt.write(lines)).all()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                                          | begin with WEBVTT
            1\\n00:01,000 --> 00:02,000\\nx | begin with WEBVTT
            WEBVTTX\\n                     | begin with WEBVTT
            WEBVTT                         | no captions
            WEBVTT\\n\\n00:01.000 --> 00:02.000\\n | no captions
            WEBVTT\\n\\n00:01,000 --> 00:02,000\\nx | Line 3
            WEBVTT\\n\\n1:1:00.000 --> 00:02.000\\nx | Line 3
            WEBVTT\\n\\n00:61.000 --> 00:62.000\\nx | Line 3
            WEBVTT\\n\\n99999:00:00.000 --> 99999:00:01.000\\nx | Line 3
            WEBVTT\\n\\n00:05.000 --> 00:02.000\\nx | ends before it begins
            """)
    void saysWhatIsWrongWithAFile(String text, String said) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> WebVtt.read(text == null ? "" : text.replace("\\n", "\n")))
                .withMessageContaining(said);
    }

    @Test
    void refusesMoreLinesThanAnybodySays() {
        var many = "WEBVTT\n" + "\n00:00.000 --> 00:01.000\nx\n".repeat(5_001);
        assertThatIllegalArgumentException().isThrownBy(() -> WebVtt.read(many)).withMessageContaining("5,000");
    }
}
