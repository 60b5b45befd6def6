package notchbook.core.text;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.Text;

/** A line of a document, as long as it may be; {@code isQuoted} within a quotation. */
public record TextLine(List<Inline> content, boolean isQuoted) {
    public String words() {
        return content.stream().map(Inline::words).collect(joining());
    }

    /** The spans of this line that carry such a mark, each as one text however else it is laid out inside. */
    public List<String> spans(Predicate<Mark> isWanted) {
        var spans = new ArrayList<StringBuilder>();
        var isOpen = false;
        for (var part : content) {
            var isMarked = part instanceof Text text && text.marks().stream().anyMatch(isWanted);
            if (isMarked && !isOpen) {
                spans.add(new StringBuilder());
            }
            if (isMarked) {
                spans.getLast().append(part.words());
            }
            isOpen = isMarked;
        }
        return spans.stream().map(StringBuilder::toString).toList();
    }
}
