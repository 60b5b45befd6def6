package notchbook.formats.talk;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import notchbook.core.layer.Thing;
import notchbook.core.talk.Talk;
import notchbook.core.talk.TalkThrough;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.core.voice.Trim;
import notchbook.formats.layer.LayerSvg;

/**
 * A talk-through as one HTML file that needs nothing beside it: the drawing as SVG, the sound and the picture inside it, and
 * a few lines of script that draw along with the voice. Everything a student typed is escaped.
 */
public final class TalkPage {
    private static final Pattern PLACE = Pattern.compile("\\{\\{(\\w+)}}");

    /** The sound is read and written in pieces of this; a multiple of three, so that no piece ends in padding. */
    private static final int PIECE_BYTES = 3 << 16;

    private TalkPage() {}

    /** What is said of it and in it. {@code jpeg} lies under the things; without it there is paper. */
    public record Sheet(
            String title,
            String from,
            Talk talk,
            Optional<byte[]> jpeg,
            SpokenLines lines,
            Optional<Trim> trim,
            double seconds) {}

    /** A sound in a format that browsers play. */
    public record Voice(String type, InputStream content) {}

    /** Writes the file piece by piece: a long sound is never in memory as a whole. */
    public static void write(Sheet sheet, Voice voice, OutputStream into) throws IOException {
        var values = values(sheet);
        values.put("soundType", escaped(voice.type()));
        var template = template();
        var places = PLACE.matcher(template);
        var from = 0;
        while (places.find()) {
            text(template.substring(from, places.start()), into);
            if (places.group(1).equals("sound")) {
                base64(voice.content(), into);
            } else {
                text(values.get(places.group(1)), into);
            }
            from = places.end();
        }
        text(template.substring(from), into);
    }

    private static Map<String, String> values(Sheet sheet) {
        var talk = sheet.talk();
        var end = Math.round(1_000 * sheet.seconds());
        var values = new HashMap<String, String>();
        values.put("title", escaped(sheet.title()));
        values.put("from", escaped(sheet.from()));
        values.put("width", String.valueOf(talk.width()));
        values.put("height", String.valueOf(talk.height()));
        values.put("picture", sheet.jpeg().map(jpeg -> picture(talk, jpeg)).orElse(""));
        values.put("things", things(talk));
        values.put("lines", lines(sheet.lines()));
        values.put("steps", Arrays.toString(talk.through().steps()));
        values.put("justBegun", String.valueOf(TalkThrough.JUST_BEGUN));
        values.put(
                "trim",
                "{ from: %d, to: %d }"
                        .formatted(
                                sheet.trim().map(Trim::fromMillis).orElse(0L),
                                sheet.trim().map(Trim::toMillis).orElse(end)));
        return values;
    }

    private static String picture(Talk talk, byte[] jpeg) {
        return "<image width=\"%d\" height=\"%d\" preserveAspectRatio=\"none\" href=\"data:image/jpeg;base64,%s\"/>"
                .formatted(talk.width(), talk.height(), Base64.getEncoder().encodeToString(jpeg));
    }

    private static String things(Talk talk) {
        return IntStream.range(0, talk.things().size())
                .filter(i -> talk.through().things().get(i).begun() != TalkThrough.NEVER)
                .mapToObj(
                        i -> thing(talk.things().get(i), talk.through().things().get(i)))
                .collect(joining("\n"));
    }

    private static String thing(Thing thing, TalkThrough.Made made) {
        var svg = LayerSvg.thing(thing);
        if (made.begun() == TalkThrough.BEFORE) {
            return svg;
        }
        var isDrawn = thing instanceof Thing.Ink && made.lasting() > 0;
        return "<g data-begun=\"%d\" data-lasting=\"%d\"%s>%s</g>"
                .formatted(
                        made.begun(),
                        made.lasting(),
                        isDrawn ? " data-points=\"" + points(((Thing.Ink) thing).stroke()) + "\"" : "",
                        isDrawn ? line(((Thing.Ink) thing).stroke()) + "<g>" + svg + "</g>" : svg);
    }

    /** The line that stands for a stroke while it is being drawn. */
    private static String line(Stroke stroke) {
        return String.format(
                Locale.ROOT,
                "<polyline fill=\"none\" stroke=\"%s\" stroke-width=\"%.1f\" stroke-linecap=\"round\" stroke-linejoin=\"round\"%s/>",
                stroke.colour(),
                0.7 * stroke.width(),
                stroke.tool() == Tool.HIGHLIGHTER ? " stroke-opacity=\"0.4\"" : "");
    }

    private static String points(Stroke stroke) {
        return stroke.points().stream()
                .map(point -> String.format(Locale.ROOT, "%.1f,%.1f,%d", point.x(), point.y(), point.millis()))
                .collect(joining(" "));
    }

    private static String lines(SpokenLines lines) {
        if (lines.all().isEmpty()) {
            return "";
        }
        return lines.all().stream().map(TalkPage::line).collect(joining("", "<ol>", "</ol>"));
    }

    private static String line(SpokenLine line) {
        return "<li data-from=\"%d\" data-to=\"%d\"><button>%d:%02d</button><span>%s</span></li>"
                .formatted(
                        line.fromMillis(),
                        line.toMillis(),
                        line.fromMillis() / 60_000,
                        line.fromMillis() / 1_000 % 60,
                        escaped(line.words()));
    }

    private static void base64(InputStream content, OutputStream into) throws IOException {
        var piece = content.readNBytes(PIECE_BYTES);
        while (piece.length > 0) {
            into.write(Base64.getEncoder().encode(piece));
            piece = content.readNBytes(PIECE_BYTES);
        }
    }

    private static void text(String text, OutputStream into) throws IOException {
        into.write(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String template() {
        try (var file = TalkPage.class.getResourceAsStream("/talk.html")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException missing) {
            throw new UncheckedIOException("The page that ships with Notchbook is missing.", missing);
        }
    }
}
