package notchbook.formats.ink;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;

/**
 * What holds for the traces of an InkML file while it is read from its top (sections 4 and 5 of the Recommendation): what is
 * defined under a name, what the groups around a trace name, and what was said last outside of definitions.
 */
final class InkContexts {
    private static final String XML = "http://www.w3.org/XML/1998/namespace";
    private static final Context NOTHING = new Context(Optional.empty(), Optional.empty());

    /** The format of traces and the properties of the brush, as far as they are told. */
    record Context(Optional<TraceFormat> format, Optional<Map<String, String>> brush) {
        /** What it tells, and else what another does. */
        Context over(Context other) {
            return new Context(format.or(other::format), brush.or(other::brush));
        }
    }

    /** An element that holds definitions, by its name and id, with what it tells so far. */
    private record Open(String element, String id, Context context) {}

    private final Map<String, Context> byId = new HashMap<>();
    private final Deque<Open> open = new ArrayDeque<>();
    private Context said = NOTHING;
    private Optional<TraceFormat> lastFormat = Optional.empty();

    /** What holds for a trace, or for what else refers to contexts, formats and brushes. */
    Context of(XMLStreamReader xml) {
        return named(xml).over(around());
    }

    /** For traces that are told no format: the one that the file has, else X and Y. */
    TraceFormat otherwise() {
        return lastFormat.orElse(TraceFormat.PLAIN);
    }

    void begin(XMLStreamReader xml) {
        switch (xml.getLocalName()) {
            case "definitions", "context", "inkSource", "traceGroup" -> open(xml, named(xml));
            case "traceFormat" -> open(xml, new Context(Optional.of(TraceFormat.EMPTY), Optional.empty()));
            case "brush" -> open(xml, new Context(Optional.empty(), Optional.of(new HashMap<>())));
            case "channel" -> channel(xml);
            case "brushProperty" ->
                top().context().brush().ifPresent(brush -> brush.put(attribute(xml, "name"), attribute(xml, "value")));
            default -> {
                // What a drawing does not need.
            }
        }
    }

    void end(String element) {
        if (open.isEmpty() || !open.peek().element().equals(element)) {
            return;
        }
        var ended = open.pop();
        byId.put(ended.id(), ended.context());
        if (element.equals("traceFormat")) {
            lastFormat = ended.context().format();
        }
        var isPart = !open.isEmpty()
                && (open.peek().element().equals("context")
                        || open.peek().element().equals("inkSource"));
        if (isPart) {
            var whole = open.pop();
            open.push(new Open(whole.element(), whole.id(), ended.context().over(whole.context())));
        } else if (open.isEmpty() && !element.equals("traceGroup")) {
            said = ended.context().over(said);
        }
    }

    private void open(XMLStreamReader xml, Context context) {
        var id = Optional.ofNullable(xml.getAttributeValue(XML, "id")).orElse("");
        open.push(new Open(xml.getLocalName(), id, context));
    }

    private void channel(XMLStreamReader xml) {
        if (open.isEmpty() || !open.peek().element().equals("traceFormat")) {
            return;
        }
        var format = open.pop();
        var more = format.context()
                .format()
                .map(channels -> channels.with(attribute(xml, "name"), attribute(xml, "units"), attribute(xml, "max")));
        open.push(new Open(format.element(), format.id(), new Context(more, Optional.empty())));
    }

    private Open top() {
        return open.isEmpty() ? new Open("", "", NOTHING) : open.peek();
    }

    /** The groups around, the innermost first, and what was said before them. */
    private Context around() {
        return open.stream()
                .filter(one -> one.element().equals("traceGroup"))
                .map(Open::context)
                .reduce(NOTHING, Context::over)
                .over(said);
    }

    private Context named(XMLStreamReader xml) {
        return reference(xml, "brushRef")
                .over(reference(xml, "traceFormatRef"))
                .over(reference(xml, "inkSourceRef"))
                .over(reference(xml, "contextRef"));
    }

    private Context reference(XMLStreamReader xml, String name) {
        var id = attribute(xml, name).replaceFirst("^#", "");
        return id.isEmpty() ? NOTHING : byId.getOrDefault(id, NOTHING);
    }

    private static String attribute(XMLStreamReader xml, String name) {
        return Optional.ofNullable(xml.getAttributeValue(null, name)).orElse("");
    }
}
