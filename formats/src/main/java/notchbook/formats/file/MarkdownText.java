package notchbook.formats.file;

import java.util.List;
import java.util.regex.Pattern;
import notchbook.core.text.Document;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.ext.task.list.items.TaskListItemsExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;

/** Markdown (CommonMark with tables and task lists). */
final class MarkdownText {
    private static final List<Extension> EXTENSIONS =
            List.of(TablesExtension.create(), TaskListItemsExtension.create());

    /** Quotations and lists within each other, as many as a line can begin with; the parser goes down one call for each. */
    private static final Pattern MARKERS =
            Pattern.compile("(?m)^((?:[ \\t]*(?:>|[-+*](?=[ \\t])|\\d{1,9}[.)](?=[ \\t]))){30})"
                    + "(?:[ \\t]*(?:>|[-+*](?=[ \\t])|\\d{1,9}[.)](?=[ \\t])))++");

    private MarkdownText() {}

    static Document read(String text) {
        var parsed = Parser.builder()
                .extensions(EXTENSIONS)
                .build()
                .parse(MARKERS.matcher(text).replaceAll("$1 "));
        return HtmlText.read(
                HtmlRenderer.builder().extensions(EXTENSIONS).build().render(parsed));
    }
}
