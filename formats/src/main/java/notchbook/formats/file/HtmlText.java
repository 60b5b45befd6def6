package notchbook.formats.file;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/** HTML as typed text: what typed text has a place for is taken, everything else is left out or taken as its words. */
final class HtmlText {
    /** Below this depth of lists, quotations and cells, what is inside is taken as plain paragraphs. */
    private static final int DEEPEST = 8;

    /** Markup within markup; what lies deeper is taken as its words. */
    private static final int DEEPEST_MARKUP = 150;

    private static final Set<String> LEFT_OUT = Set.of(
            "script",
            "style",
            "head",
            "title",
            "noscript",
            "template",
            "iframe",
            "object",
            "svg",
            "math",
            "img",
            "input",
            "button",
            "select",
            "textarea",
            "nav");
    private static final Set<String> BLOCKS = Set.of(
            "p",
            "div",
            "section",
            "article",
            "main",
            "header",
            "footer",
            "aside",
            "figure",
            "figcaption",
            "address",
            "pre",
            "h1",
            "h2",
            "h3",
            "h4",
            "h5",
            "h6",
            "ul",
            "ol",
            "dl",
            "dt",
            "dd",
            "blockquote",
            "table",
            "hr",
            "body",
            "form");
    private static final Map<String, Mark> MARKS = Map.of(
            "b", Style.BOLD,
            "strong", Style.BOLD,
            "i", Style.ITALIC,
            "em", Style.ITALIC,
            "u", Style.UNDERLINE,
            "sub", Style.SUBSCRIPT,
            "sup", Style.SUPERSCRIPT,
            "mark", Highlight.YELLOW);

    private HtmlText() {}

    static Document read(String html) {
        return read(Jsoup.parse(html).body());
    }

    static Document read(Element body) {
        return new Document(blocks(body, 0));
    }

    /** The blocks inside an element; words that stand between blocks become paragraphs. */
    private static List<Block> blocks(Element parent, int depth) {
        var blocks = new ArrayList<Block>();
        var line = new ArrayList<Inline>();
        for (var child : parent.childNodes()) {
            if (child instanceof Element element && BLOCKS.contains(element.normalName())) {
                flush(line, blocks);
                blocks.addAll(block(element, depth));
            } else {
                inline(child, Set.of(), line);
            }
        }
        flush(line, blocks);
        return blocks;
    }

    private static void flush(List<Inline> line, List<Block> blocks) {
        if (line.stream().anyMatch(part -> !part.words().isBlank())) {
            blocks.add(new Paragraph(trimmed(line)));
        }
        line.clear();
    }

    private static List<Block> block(Element element, int depth) {
        if (depth >= DEEPEST) {
            return List.of(new Paragraph(List.of(new Text(element.text(), Set.of()))));
        }
        return switch (element.normalName()) {
            case "h1" -> heading(element, 1);
            case "h2" -> heading(element, 2);
            case "h3", "h4", "h5", "h6" -> heading(element, 3);
            case "ul" -> List.of(list(element, depth));
            case "ol" -> List.of(new NumberedList(1, items(element, depth)));
            case "blockquote" -> List.of(new Quotation("", blocks(element, depth + 1)));
            case "table" -> table(element, depth);
            case "pre" -> PlainText.read(element.wholeText()).blocks();
            case "hr" -> List.of();
            default -> blocks(element, depth + 1);
        };
    }

    private static List<Block> heading(Element element, int level) {
        var content = trimmed(inside(element, Set.of()));
        return content.isEmpty() ? List.of() : List.of(new Heading(level, content));
    }

    private static Block list(Element element, int depth) {
        var isToTick = element.children().stream().anyMatch(item -> tick(item).isPresent());
        if (!isToTick) {
            return new BulletList(items(element, depth));
        }
        return new CheckList(element.children().stream()
                .map(item -> new CheckItem(
                        tick(item).filter(box -> box.hasAttr("checked")).isPresent(), filled(blocks(item, depth + 1))))
                .toList());
    }

    private static Optional<Element> tick(Element item) {
        return Optional.ofNullable(item.selectFirst("> input[type=checkbox], > p > input[type=checkbox]"));
    }

    private static List<List<Block>> items(Element list, int depth) {
        return list.children().stream()
                .map(item -> filled(blocks(item, depth + 1)))
                .toList();
    }

    private static List<Block> table(Element table, int depth) {
        var rows = table.select("tr").stream()
                .filter(row -> row.closest("table") == table)
                .map(row -> row.children().stream()
                        .filter(cell -> cell.normalName().matches("t[dh]"))
                        .map(cell -> new Cell(cell.normalName().equals("th"), 1, 1, filled(blocks(cell, depth + 1))))
                        .toList())
                .filter(row -> !row.isEmpty())
                .toList();
        return rows.isEmpty() ? List.of() : List.of(new Table(rows));
    }

    /** An item or a cell holds a paragraph at least. */
    private static List<Block> filled(List<Block> blocks) {
        return blocks.isEmpty() ? List.of(new Paragraph(List.of())) : blocks;
    }

    private static List<Inline> inside(Element element, Set<Mark> marks) {
        var line = new ArrayList<Inline>();
        element.childNodes().forEach(child -> inline(child, marks, line));
        return line;
    }

    private static void inline(Node node, Set<Mark> marks, List<Inline> line) {
        if (node instanceof TextNode text) {
            var words = text.getWholeText().replaceAll("\\s+", " ");
            if (!words.isEmpty()) {
                line.add(new Text(words, marks));
            }
        } else if (node instanceof Element element && !LEFT_OUT.contains(element.normalName())) {
            if (element.normalName().equals("br")) {
                line.add(new LineBreak());
            } else if (element.parents().size() > DEEPEST_MARKUP) {
                line.add(new Text(element.text(), marks));
            } else {
                line.addAll(inside(element, with(marks, element)));
            }
        }
    }

    private static Set<Mark> with(Set<Mark> marks, Element element) {
        var all = new HashSet<>(marks);
        if (MARKS.containsKey(element.normalName())) {
            all.add(MARKS.get(element.normalName()));
        }
        if (element.normalName().equals("a") && element.attr("href").matches("(?i)(https?://|mailto:).{1,1900}")) {
            all.add(new Link(element.attr("href")));
        }
        return Set.copyOf(all);
    }

    /** A line without the space that markup has at its ends. */
    private static List<Inline> trimmed(List<Inline> line) {
        var parts = new ArrayList<>(line);
        while (!parts.isEmpty() && parts.getFirst().words().isBlank()) {
            parts.removeFirst();
        }
        while (!parts.isEmpty() && parts.getLast().words().isBlank()) {
            parts.removeLast();
        }
        if (!parts.isEmpty() && parts.getFirst() instanceof Text first) {
            parts.set(0, new Text(first.text().stripLeading(), first.marks()));
        }
        if (!parts.isEmpty() && parts.getLast() instanceof Text last) {
            parts.set(parts.size() - 1, new Text(last.text().stripTrailing(), last.marks()));
        }
        return List.copyOf(parts);
    }
}
