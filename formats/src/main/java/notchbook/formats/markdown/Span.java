package notchbook.formats.markdown;

import org.commonmark.node.CustomNode;

/** Some parts of a line that stay together; it has no sign of its own. */
final class Span extends CustomNode {}
