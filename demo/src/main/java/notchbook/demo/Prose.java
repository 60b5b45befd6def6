package notchbook.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
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
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;

/**
 * The demo's way of writing typed text, a line for each block: {@code ## heading}, {@code - item}, {@code 1. item},
 * {@code [x] done}, {@code > words -- source}, {@code | cell | cell}, {@code $$formula}; in a line **bold**, ==highlight==
 * and $formula$, [1:a passage that a note stands beside], [K:a marked one].
 */
final class Prose {
    private static final Pattern MARKED = Pattern.compile("\\*\\*(?<bold>.+?)\\*\\*|==(?<high>.+?)==|\\$(?<tex>.+?)\\$"
            + "|\\[(?<sign>[1-9AKFQ]|T\\+\\d+):(?<span>[^]]+)]|[^*=$\\[]+|[*=$\\[]");

    /**
     * What a marked span is marked as: K for a key, Q for an open question, A for one with its answer, F for a formula,
     * T+3 for a task due in 3 days.
     */
    record Sign(UUID passage, String sign, String answer) {}

    private final IntFunction<UUID> passages;
    private final List<Sign> signs = new ArrayList<>();

    /** {@code passages} gives the passages that notes stand beside, by their number on the page. */
    Prose(IntFunction<UUID> passages) {
        this.passages = passages;
    }

    /** The marks of the documents written so far. */
    List<Sign> signs() {
        return List.copyOf(signs);
    }

    Document document(List<String> lines) {
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
        for (var sign : List.of("- ", "[x] ", "[ ] ", "| ")) {
            if (line.startsWith(sign)) {
                return sign.startsWith("[") ? "[" : sign;
            }
        }
        return line.matches("\\d\\. .*") ? "1. " : "";
    }

    private Block block(String kind, List<String> lines) {
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

    private Block single(String line) {
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

    private List<List<Block>> items(List<String> lines, Function<String, String> words) {
        return lines.stream()
                .map(line -> List.<Block>of(paragraph(words.apply(line))))
                .toList();
    }

    private Table table(List<String> lines) {
        var heading = lines.getFirst();
        return new Table(lines.stream()
                .map(line -> Arrays.stream(line.substring(2).split(" \\| "))
                        .map(words -> new Cell(line.equals(heading), 1, 1, List.of(paragraph(words.strip()))))
                        .toList())
                .toList());
    }

    private Paragraph paragraph(String line) {
        return new Paragraph(inline(line));
    }

    private Passage passage(String sign, String answer) {
        if (Character.isDigit(sign.charAt(0))) {
            return new Passage(passages.apply(Integer.parseInt(sign)));
        }
        var marked = UUID.randomUUID();
        signs.add(new Sign(marked, sign, answer));
        return new Passage(marked);
    }

    private List<Inline> inline(String line) {
        return MARKED.matcher(line)
                .results()
                .<Inline>map(part -> {
                    if (part.group("bold") != null) {
                        return new Text(part.group("bold"), Set.of(Style.BOLD));
                    }
                    if (part.group("tex") != null) {
                        return new Formula(part.group("tex"));
                    }
                    if (part.group("sign") != null) {
                        var parts = part.group("span").split("\\|");
                        return new Text(
                                parts[0], Set.of(passage(part.group("sign"), parts.length > 1 ? parts[1] : "")));
                    }
                    return part.group("high") != null
                            ? new Text(part.group("high"), Set.of(Highlight.YELLOW))
                            : new Text(part.group(), Set.of());
                })
                .toList();
    }
}
