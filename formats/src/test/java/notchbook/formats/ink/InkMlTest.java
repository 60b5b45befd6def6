package notchbook.formats.ink;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class InkMlTest {
    @Test
    void readsWhatItWrote() throws IOException {
        var wave = IntStream.range(0, 60)
                .mapToObj(i -> new InkPoint(20.25 + 3.1 * i, 90 - i * i / 7.0, i / 60.0, 8 * i))
                .map(InkMlTest::rounded)
                .toList();
        var drawing = new Drawing(
                640,
                360,
                List.of(
                        new Stroke(Tool.PEN, "#0E5A66", 4.5, wave),
                        new Stroke(
                                Tool.HIGHLIGHTER,
                                "#FFD27A",
                                22,
                                wave.reversed().stream()
                                        .map(point -> new InkPoint(point.x(), point.y(), 0.5, 0))
                                        .toList()),
                        new Stroke(Tool.PEN, "#17262D", 4.5, List.of(new InkPoint(3, 4, 1, 0)))));
        var written = InkMl.write(drawing);
        assertThat(read(written)).isEqualTo(drawing);
        assertThat(written).contains("<brush xml:id=\"b2\">").doesNotContain("b3");
    }

    /** Each trace as its points: x and y. */
    @ParameterizedTest
    @CsvSource({
        "'10 20, 30 40',                              '0 0;20 20'",
        "'10 20, ''5 ''-5, 2 3, 1 1',                 '0 5;5 0;7 3;8 4'",
        "'10 10, ''4 ''0, \"1 \"0, 1 0',              '0 0;4 0;9 0;15 0'",
        "'10 10, ''4 ''2, * *, !20 !20',              '0 0;4 2;8 4;10 10'",
        "'1125 18432,''23''43,''-5''3,7-3,6-3',       '0 0;23 43;18 46;25 43;31 40'",
    })
    void undoesDifferences(String trace, String points) throws IOException {
        var drawing = read("<ink><trace>" + trace.replace("\"", "&quot;") + "</trace></ink>");
        var first = drawing.strokes().getFirst().points();
        assertThat(first.stream()
                        .map(point -> "%.0f %.0f".formatted(point.x() - 20, point.y() - 20))
                        .collect(Collectors.joining(";")))
                .isEqualTo(points);
    }

    @Test
    void takesChannelsInAnyOrderAndUnit() throws IOException {
        var drawing = read("""
                <ink xmlns="http://www.w3.org/2003/InkML"><definitions>
                <context xml:id="c"><inkSource><traceFormat>
                <channel name="T" type="decimal" units="s"/><channel name="OTx"/>
                <channel name="Y" units="in"/><channel name="X" units="in"/><channel name="F" max="1024"/>
                </traceFormat></inkSource></context>
                <brush xml:id="m"><brushProperty name="transparency" value="0.5"/><brushProperty name="color" value="red"/></brush>
                </definitions>
                <trace contextRef="#c" brushRef="#m">5.5 0 1 2 512, 5.75 0 2 3 2048</trace></ink>""");
        var stroke = drawing.strokes().getFirst();
        assertThat(stroke.tool()).isEqualTo(Tool.HIGHLIGHTER);
        assertThat(stroke.colour()).isEqualTo("#17262D");
        assertThat(stroke.points()).containsExactly(new InkPoint(20, 20, 0.5, 0), new InkPoint(116, 116, 1, 250));
    }

    @ParameterizedTest
    @CsvSource({
        "<channel name='OE'/>, 60, 30",
        "<channel name='OE' units='rad'/>, 0.5235988, 60",
        "<channel name='OTx'/>, -40, 40",
        "<channel name='OTy' units='deg'/>, 25, 25",
        "<channel name='OE'/>, -10, 90",
    })
    void readsHowThePenWasHeld(String channel, String value, double tilt) throws IOException {
        var drawing = read("<ink><context xml:id='c'><traceFormat><channel name='X'/><channel name='Y'/>" + channel
                + "</traceFormat></context><trace contextRef='#c'>1 2 " + value + ", 3 4 " + value + "</trace></ink>");
        assertThat(drawing.strokes().getFirst().points())
                .allSatisfy(point -> assertThat(point.tilt()).isEqualTo(tilt, within(0.01)));
    }

    /** Two formats and two brushes in one file, named by groups, within groups and by a trace itself. */
    @Test
    void takesWhatAGroupNamesForTheTracesInIt() throws IOException {
        var drawing = read("""
                <ink xmlns="http://www.w3.org/2003/InkML"><definitions>
                <traceFormat xml:id="inches"><channel name="X" units="in"/><channel name="Y" units="in"/></traceFormat>
                <traceFormat xml:id="leaning"><channel name="Y"/><channel name="X"/><channel name="OE"/></traceFormat>
                <brush xml:id="red"><brushProperty name="color" value="#A23B2C"/></brush>
                <brush xml:id="green"><brushProperty name="color" value="#41702F"/></brush>
                <context xml:id="a" traceFormatRef="#inches" brushRef="#red"/>
                <context xml:id="b" traceFormatRef="#leaning"/>
                </definitions>
                <traceGroup contextRef="#a"><trace>0 0, 1 1</trace>
                  <traceGroup contextRef="#b" brushRef="#green"><trace>0 0 60, 96 0 60</trace></traceGroup>
                  <trace type="penUp">5 5</trace>
                  <trace brushRef="#green">0 0, 0 1</trace>
                </traceGroup></ink>""");
        assertThat(drawing.strokes()).extracting(Stroke::colour).containsExactly("#A23B2C", "#41702F", "#41702F");
        assertThat(drawing.strokes())
                .extracting(stroke -> "%.0f %.0f"
                        .formatted(
                                stroke.points().getLast().x() - 20,
                                stroke.points().getLast().y() - 20))
                .containsExactly("96 96", "0 96", "0 96");
        assertThat(drawing.strokes().get(1).points().getFirst().tilt()).isEqualTo(30, within(0.01));
    }

    /** What a pen tells beyond the format, and what it leaves out at the end of a point. */
    @ParameterizedTest
    @ValueSource(strings = {"10 20 512, 30 40 600", "10 20, 30 40", "10 20 512 77 1, 30 40"})
    void takesPointsWithMoreOrFewerValuesThanTold(String trace) throws IOException {
        var drawing = read("<ink><traceFormat><channel name='X'/><channel name='Y'/><channel name='F' max='1024'/>"
                + "</traceFormat><trace>" + trace + "</trace></ink>");
        var points = drawing.strokes().getFirst().points();
        assertThat(points.getLast().x() - points.getFirst().x()).isEqualTo(20, within(0.01));
        assertThat(points.getFirst().pressure()).isEqualTo(0.5, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "no xml",
                "<html/>",
                "<ink>",
                "<ink/>",
                "<ink><trace></trace></ink>",
                "<ink><trace>a b</trace></ink>",
                "<ink><trace>1</trace></ink>",
                "<ink><trace>1e999 2</trace></ink>",
                "<!DOCTYPE ink [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><ink><trace>&x;</trace></ink>",
                "<!DOCTYPE ink [<!ENTITY a 'aa'><!ENTITY b '&a;&a;'>]><ink><annotation>&b;</annotation></ink>"
            })
    void saysInWordsWhyItCantBeRead(String xml) {
        assertThatThrownBy(() -> read(xml))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .matches("(This is no InkML|There is no ink|The ink of this).*");
    }

    @Test
    void refusesMorePointsThanADrawingHolds() {
        var many = "<ink><trace>" + "1 2,".repeat(500_001) + "</trace></ink>";
        assertThatThrownBy(() -> read(many)).hasMessageContaining("more than 500,000 points");
    }

    private static InkPoint rounded(InkPoint point) {
        return new InkPoint(
                Math.round(100 * point.x()) / 100.0,
                Math.round(100 * point.y()) / 100.0,
                Math.round(100 * point.pressure()) / 100.0,
                point.millis(),
                Math.round(100 * point.tilt()) / 100.0);
    }

    private static Drawing read(String xml) throws IOException {
        return InkMlReader.read(new ByteArrayInputStream(xml.getBytes(UTF_8)));
    }
}
