package notchbook.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;

/**
 * The demo's way of writing typed text, a line for each block: {@code ## heading}, {@code - item}, {@code 1. item},
 * {@code [x] done}, {@code > words -- source}, {@code | cell | cell}, {@code $$formula}; in a line **bold**, ==highlight==
 * and $formula$.
 */
final class Prose {
    private static final Pattern MARKED =
            Pattern.compile("\\*\\*(?<bold>.+?)\\*\\*|==(?<high>.+?)==|\\$(?<tex>.+?)\\$|[^*=$]+|[*=$]");

    private Prose() {}

    static Document document(List<String> lines) {
        var blocks = new ArrayList<Block>();
        for (var i = 0; i < lines.size(); ) {
            var kind = kind(lines.get(i));
            var from = i;
            while (i < lines.size() && kind(lines.get(i)).equals(kind) && (i == from || !kind.isEmpty())) {
                i++;
            }
            blocks.add(block(kind, lines.subList(from, i)));
        }
        return new Document(blocks);
    }

    /** How a line begins, when lines that begin so belong together; nothing for a line of its own. */
    private static String kind(String line) {
        for (var sign : List.of("- ", "[", "| ")) {
            if (line.startsWith(sign)) {
                return sign;
            }
        }
        return line.matches("\\d\\. .*") ? "1. " : "";
    }

    private static Block block(String kind, List<String> lines) {
        return switch (kind) {
            case "- " -> new BulletList(items(lines, line -> line.substring(2)));
            case "1. " -> new NumberedList(1, items(lines, line -> line.substring(3)));
            case "[" ->
                new CheckList(lines.stream()
                        .map(line -> new CheckItem(line.startsWith("[x]"), List.of(paragraph(line.substring(4)))))
                        .toList());
            case "| " -> table(lines);
            default -> single(lines.getFirst());
        };
    }

    private static Block single(String line) {
        if (line.startsWith("## ")) {
            return new Heading(1, inline(line.substring(3)));
        }
        if (line.startsWith("$$")) {
            return new FormulaBlock(line.substring(2));
        }
        if (line.startsWith("> ")) {
            var parts = line.substring(2).split(" -- ");
            return new Quotation(parts.length > 1 ? parts[1] : "", List.of(paragraph(parts[0])));
        }
        return paragraph(line);
    }

    private static List<List<Block>> items(List<String> lines, Function<String, String> words) {
        return lines.stream()
                .map(line -> List.<Block>of(paragraph(words.apply(line))))
                .toList();
    }

    private static Table table(List<String> lines) {
        var heading = lines.getFirst();
        return new Table(lines.stream()
                .map(line -> Arrays.stream(line.substring(2).split(" \\| "))
                        .map(words -> new Cell(line.equals(heading), 1, 1, List.of(paragraph(words.strip()))))
                        .toList())
                .toList());
    }

    private static Paragraph paragraph(String line) {
        return new Paragraph(inline(line));
    }

    private static List<Inline> inline(String line) {
        return MARKED.matcher(line)
                .results()
                .<Inline>map(part -> {
                    if (part.group("bold") != null) {
                        return new Text(part.group("bold"), Set.of(Style.BOLD));
                    }
                    if (part.group("tex") != null) {
                        return new Formula(part.group("tex"));
                    }
                    return part.group("high") != null
                            ? new Text(part.group("high"), Set.of(Highlight.YELLOW))
                            : new Text(part.group(), Set.of());
                })
                .toList();
    }
}
