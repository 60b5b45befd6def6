package notchbook.formats.file;

import java.util.HashMap;
import java.util.Map;
import notchbook.core.text.Document;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;

/** ODT (OpenDocument 1.2, ISO/IEC 26300): its text turned into HTML, which is then read as such. */
final class OpenText {
    /** Deeper than any document; what is inside is taken as its words. */
    private static final int DEEPEST = 100;

    private final Map<String, String> tagOfStyle = new HashMap<>();

    private OpenText() {}

    static Document read(ZipParts parts) {
        // The parser knows no entities but the standard ones and fetches nothing.
        var content = Jsoup.parse(parts.text("content.xml"), Parser.xmlParser());
        var body = content.getElementsByTag("office:text").first();
        if (body == null) {
            throw new IllegalArgumentException("This document is broken inside. Open it and save it once more.");
        }
        var reader = new OpenText();
        content.getElementsByTag("style:style").forEach(reader::learn);
        var html = new Element("body");
        reader.copy(body, html);
        return HtmlText.read(html);
    }

    /** Automatic styles carry what bold and italic look like; the first that applies names the tag. */
    private void learn(Element style) {
        var look = style.getElementsByTag("style:text-properties").first();
        if (look == null) {
            return;
        }
        if (look.attr("fo:font-weight").equals("bold")) {
            tagOfStyle.put(style.attr("style:name"), "b");
        } else if (look.attr("fo:font-style").equals("italic")) {
            tagOfStyle.put(style.attr("style:name"), "i");
        } else if (look.attr("style:text-underline-style").equals("solid")) {
            tagOfStyle.put(style.attr("style:name"), "u");
        } else if (look.attr("style:text-position").startsWith("super")) {
            tagOfStyle.put(style.attr("style:name"), "sup");
        } else if (look.attr("style:text-position").startsWith("sub")) {
            tagOfStyle.put(style.attr("style:name"), "sub");
        }
    }

    private void copy(Element from, Element into) {
        if (from.parents().size() > DEEPEST) {
            into.appendText(from.text());
            return;
        }
        for (var child : from.childNodes()) {
            if (child instanceof TextNode text) {
                into.appendText(text.getWholeText());
            } else if (child instanceof Element element) {
                copyElement(element, into);
            }
        }
    }

    private void copyElement(Element element, Element into) {
        switch (element.tagName()) {
            case "text:h" -> copy(element, into.appendElement("h" + level(element)));
            case "text:p" -> copy(element, into.appendElement("p"));
            case "text:list" -> copy(element, into.appendElement("ul"));
            case "text:list-item" -> copy(element, into.appendElement("li"));
            case "table:table" -> copy(element, into.appendElement("table"));
            case "table:table-row" -> copy(element, into.appendElement("tr"));
            case "table:table-cell" -> copy(element, into.appendElement("td"));
            case "text:a" -> copy(element, into.appendElement("a").attr("href", element.attr("xlink:href")));
            case "text:span" ->
                copy(element, into.appendElement(tagOfStyle.getOrDefault(element.attr("text:style-name"), "span")));
            case "text:line-break" -> into.appendElement("br");
            case "text:s", "text:tab" -> into.appendText(" ");
            case "office:annotation", "text:tracked-changes", "draw:frame", "text:note" -> {}
            default -> copy(element, into);
        }
    }

    private static String level(Element heading) {
        var level = heading.attr("text:outline-level");
        return level.matches("[1-6]") ? level : "1";
    }
}
