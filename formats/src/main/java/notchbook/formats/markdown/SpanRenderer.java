package notchbook.formats.markdown;

import java.util.Set;
import org.commonmark.node.Node;
import org.commonmark.renderer.NodeRenderer;
import org.commonmark.renderer.markdown.MarkdownNodeRendererContext;
import org.commonmark.renderer.markdown.MarkdownNodeRendererFactory;

/** Writes what a span holds. */
record SpanRenderer(MarkdownNodeRendererContext context) implements NodeRenderer {
    static final MarkdownNodeRendererFactory FACTORY = new MarkdownNodeRendererFactory() {
        @Override
        public NodeRenderer create(MarkdownNodeRendererContext context) {
            return new SpanRenderer(context);
        }

        @Override
        public Set<Character> getSpecialCharacters() {
            return Set.of();
        }
    };

    @Override
    public Set<Class<? extends Node>> getNodeTypes() {
        return Set.of(Span.class);
    }

    @Override
    public void render(Node span) {
        for (var child = span.getFirstChild(); child != null; child = child.getNext()) {
            context.render(child);
        }
    }
}
