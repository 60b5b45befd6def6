package notchbook.formats.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import notchbook.core.scan.PhotoSet;
import notchbook.formats.layer.Layers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PhotoSetJsonTest {
    private static final String PAGE =
            "{'picture':'%s','photo':'0190a0a0-0000-7000-8000-00000000000f','corners':[0.1,0.05,0.9,0.1,0.92,0.95,0.08,0.9],'quarters':1,'finish':'INK_ON_WHITE','name':'Echoes','gist':'Timing claps'}";

    @Test
    void writesWhatItRead() {
        assertThat(PhotoSetJson.write(PhotoSetJson.read(set(2)))).isEqualTo(set(2));
        assertThat(PhotoSetJson.read(set(1)).words()).isEqualTo("Echoes\nTiming claps");
    }

    @Test
    void keepsWhatIsWrittenOnAPage() {
        var set = PhotoSetJson.read(set(2));
        var first = set.pages().getFirst().with(Layers.full());
        var written = PhotoSetJson.write(new PhotoSet(List.of(first, set.pages().getLast())));
        assertThat(PhotoSetJson.read(written).pages())
                .containsExactly(first, set.pages().getLast());
        assertThat(PhotoSetJson.read(written).words()).contains("Echoes", "Crest", "Mind the gap");
    }

    @ParameterizedTest
    @CsvSource({
        "0.92,     1.9,     A corner lies",
        "0.1,      0.9,     four corners have to go round",
        "0.1,      '\"a\"', A corner lies",
        "'0.05,',  '',      four corners: eight numbers",
        "'s\":1',  's\":7', 0 to 3 quarters",
        "INK_ON_WHITE, SEPIA, no finish",
        "00f,      x,       needs its photo",
    })
    void saysWhatIsWrongWithAPage(String part, String otherwise, String why) {
        var json = set(1).replaceFirst(Pattern.quote(part), otherwise);
        assertThatThrownBy(() -> PhotoSetJson.read(json))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }

    @ParameterizedTest
    @ValueSource(strings = {"{\"pages\":[]}", "{\"pages\":{}}", "[]", "{\"pages\":[{}]}", "{\"pages\":[7]}"})
    void refusesWhatIsNoSet(String json) {
        assertThatThrownBy(() -> PhotoSetJson.read(json)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void refusesASetTooLongAndOneWithAPictureTwice() {
        assertThatThrownBy(() -> PhotoSetJson.read(set(121))).hasMessageContaining("1 to 120 pages, not 121");
        var twice = set(2).replace("000000000002", "000000000001");
        assertThatThrownBy(() -> PhotoSetJson.read(twice)).hasMessageContaining("twice");
    }

    private static String set(int pages) {
        return IntStream.rangeClosed(1, pages)
                .mapToObj("0190a0a0-0000-7000-8000-%012x"::formatted)
                .map(id -> PAGE.formatted(id).replace('\'', '"'))
                .collect(Collectors.joining(",", "{\"pages\":[", "]}"));
    }
}
