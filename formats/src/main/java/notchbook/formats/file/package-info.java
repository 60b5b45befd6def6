/** Files of other programs, read into typed text: DOCX, ODT, XLSX, CSV, Markdown, HTML and plain text. */
@NullMarked
package notchbook.formats.file;

import org.jspecify.annotations.NullMarked;
