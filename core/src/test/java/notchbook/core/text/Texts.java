package notchbook.core.text;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Text;

/** Documents for tests: a line each paragraph, {@code > } for a quotation, ==highlight==, [1:passage number one], [1:==both==]. */
public final class Texts {
    private static final Pattern PART = Pattern.compile("==(.+?)==|\\[(\\d):(.+?)]|[^=\\[]+");

    private Texts() {}

    public static Document text(String... lines) {
        return new Document(Arrays.stream(lines).map(Texts::block).toList());
    }

    public static UUID passage(int number) {
        return new UUID(7, number);
    }

    private static Block block(String line) {
        return line.startsWith("> ")
                ? new Quotation("", List.of(new Paragraph(inline(line.substring(2)))))
                : new Paragraph(inline(line));
    }

    private static List<Inline> inline(String line) {
        return PART.matcher(line)
                .results()
                .<Inline>map(part -> {
                    var marks = new HashSet<Mark>();
                    if (part.group(1) != null) {
                        marks.add(Highlight.YELLOW);
                        return new Text(part.group(1), marks);
                    }
                    if (part.group(2) != null) {
                        marks.add(new Passage(passage(Integer.parseInt(part.group(2)))));
                        if (part.group(3).startsWith("==")) {
                            marks.add(Highlight.YELLOW);
                        }
                        return new Text(part.group(3).replace("==", ""), marks);
                    }
                    return new Text(part.group(), marks);
                })
                .toList();
    }
}
