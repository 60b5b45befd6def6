package notchbook.formats.file;

import java.util.List;
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

    private MarkdownText() {}

    static Document read(String text) {
        var parsed = Parser.builder().extensions(EXTENSIONS).build().parse(text);
        return HtmlText.read(
                HtmlRenderer.builder().extensions(EXTENSIONS).build().render(parsed));
    }
}
