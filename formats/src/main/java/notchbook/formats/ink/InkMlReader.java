package notchbook.formats.ink;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;

/**
 * Reads InkML (W3C Recommendation, 2011): brushes, trace formats of any channels in any order, several of them in one file,
 * single and double differences. What a group of traces names holds for the traces in it, as far as they name nothing of
 * their own. Mappings, transformations and views are passed over. Nothing outside the file is fetched.
 */
public final class InkMlReader {
    private static final String BROKEN =
            "This is no InkML file, or a broken one. Export the ink again and choose that file.";
    private static final double MARGIN = 20;
    private static final int NARROWEST = 640;
    private static final int LOWEST = 360;
    private static final double DEFAULT_WIDTH = 4.5;
    private static final double MARKER_WIDTH = 22;

    /** A brush that lets more than this share of the paper through marks, and does not write. */
    private static final double MARKER_TRANSPARENCY = 0.3;

    private static final XMLInputFactory READERS = readers();

    private final InkContexts contexts = new InkContexts();
    private final List<Stroke> strokes = new ArrayList<>();
    private Optional<String> size = Optional.empty();

    private InkMlReader() {}

    /** A drawing of all traces; an {@link IllegalArgumentException} says what is wrong, in words for a student. */
    public static Drawing read(InputStream file) throws IOException {
        var reader = new InkMlReader();
        try {
            var xml = READERS.createXMLStreamReader(file);
            xml.nextTag();
            if (!xml.getLocalName().equals("ink")) {
                throw new IllegalArgumentException(BROKEN);
            }
            while (xml.hasNext()) {
                switch (xml.next()) {
                    case XMLStreamConstants.START_ELEMENT -> reader.element(xml);
                    case XMLStreamConstants.END_ELEMENT -> reader.contexts.end(xml.getLocalName());
                    default -> {
                        // Text between elements says nothing.
                    }
                }
            }
        } catch (XMLStreamException broken) {
            throw new IllegalArgumentException(BROKEN, broken);
        }
        if (reader.strokes.isEmpty()) {
            throw new IllegalArgumentException("There is no ink in this file. Choose another one.");
        }
        return reader.drawing();
    }

    private static XMLInputFactory readers() {
        var factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        return factory;
    }

    private void element(XMLStreamReader xml) throws XMLStreamException {
        switch (xml.getLocalName()) {
            case "annotation" -> {
                if (InkMl.SIZE.equals(xml.getAttributeValue(null, "type"))) {
                    size = Optional.of(xml.getElementText());
                }
            }
            case "trace" -> trace(xml);
            default -> contexts.begin(xml);
        }
    }

    private void trace(XMLStreamReader xml) throws XMLStreamException {
        var context = contexts.of(xml);
        var isInTheAir = "penUp".equals(xml.getAttributeValue(null, "type"));
        var points = context.format().orElseGet(contexts::otherwise).points(xml.getElementText());
        if (!points.isEmpty() && !isInTheAir) {
            strokes.add(stroke(context.brush().orElse(Map.of()), points));
        }
    }

    private static Stroke stroke(Map<String, String> brush, List<InkPoint> points) {
        var isMarker = number(brush, "transparency").orElse(0.0) > MARKER_TRANSPARENCY
                || brush.getOrDefault("rasterOp", "").equals("maskPen");
        var width = number(brush, "width").filter(wide -> wide > 0 && wide <= 80);
        var colour = brush.getOrDefault("color", "");
        return new Stroke(
                isMarker ? Tool.HIGHLIGHTER : Tool.PEN,
                colour.matches("#[0-9A-Fa-f]{6}") ? colour : "#17262D",
                width.orElse(isMarker ? MARKER_WIDTH : DEFAULT_WIDTH),
                points);
    }

    private static Optional<Double> number(Map<String, String> brush, String name) {
        try {
            return Optional.ofNullable(brush.get(name)).map(Double::valueOf);
        } catch (NumberFormatException odd) {
            return Optional.empty();
        }
    }

    /** In its own size where the file tells it, else as large as its ink with a margin, moved to begin there. */
    private Drawing drawing() {
        var told = size.map(words -> words.strip().split(" "));
        if (told.isPresent()
                && told.get().length == 2
                && String.join("", told.get()).matches("\\d{2,9}")) {
            return new Drawing(Integer.parseInt(told.get()[0]), Integer.parseInt(told.get()[1]), strokes);
        }
        return new Fitting(strokes).drawing(MARGIN, NARROWEST, LOWEST);
    }
}
