package notchbook.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;

/** The demo's way of writing typed text: {@code ## heading}, {@code - item}, {@code 1. item}, **bold** and ==highlight==. */
final class Prose {
    private static final Pattern MARKED = Pattern.compile("\\*\\*(?<bold>.+?)\\*\\*|==(?<high>.+?)==|[^*=]+|[*=]");

    private Prose() {}

    static Document document(List<String> lines) {
        var blocks = new ArrayList<Block>();
        var bullets = new ArrayList<List<Block>>();
        var numbers = new ArrayList<List<Block>>();
        for (var line : lines) {
            if (line.startsWith("- ")) {
                bullets.add(List.of(new Paragraph(inline(line.substring(2)))));
            } else if (line.matches("\\d\\. .*")) {
                numbers.add(List.of(new Paragraph(inline(line.substring(3)))));
            } else if (line.startsWith("## ")) {
                blocks.add(new Heading(1, inline(line.substring(3))));
            } else {
                blocks.add(new Paragraph(inline(line)));
            }
        }
        if (!bullets.isEmpty()) {
            blocks.add(new BulletList(bullets));
        }
        if (!numbers.isEmpty()) {
            blocks.add(new NumberedList(1, numbers));
        }
        return new Document(blocks);
    }

    private static List<Inline> inline(String line) {
        return MARKED.matcher(line)
                .results()
                .<Inline>map(part -> {
                    if (part.group("bold") != null) {
                        return new Text(part.group("bold"), Set.of(Mark.BOLD));
                    }
                    return part.group("high") != null
                            ? new Text(part.group("high"), Set.of(Mark.HIGHLIGHT))
                            : new Text(part.group(), Set.of());
                })
                .toList();
    }
}
