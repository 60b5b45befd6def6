package notchbook.formats.file;

import java.util.Locale;
import java.util.Set;
import notchbook.core.text.Document;

/**
 * Reads a file of another program as typed text. What it is, is told by its content; the name only tells Markdown, CSV
 * and HTML from plain text. Pictures in it stay behind. An {@link IllegalArgumentException} says why a file can't be read.
 */
public final class FileText {
    /** A thesis without its pictures; larger files are attached, not read. */
    public static final int MOST_BYTES = 20_000_000;

    private FileText() {}

    public static Document read(String name, byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new IllegalArgumentException(
                    "This file is larger than 20 MB. Take the part that you need out of it.");
        }
        var document = ZipParts.isZip(file) ? ofArchive(ZipParts.of(file)) : ofText(name, PlainText.decode(file));
        if (document.isBlank()) {
            throw new IllegalArgumentException(
                    "There are no words in this file. A scan goes onto the page as a photo.");
        }
        return document;
    }

    private static Document ofArchive(ZipParts parts) {
        if (parts.has("word/document.xml")) {
            return WordText.read(parts);
        }
        if (parts.has("xl/workbook.xml")) {
            return SheetTable.read(parts);
        }
        if (parts.has("content.xml") && parts.text("mimetype").startsWith("application/vnd.oasis.opendocument.text")) {
            return OpenText.read(parts);
        }
        throw new IllegalArgumentException(
                "This is no document that can be read here. Save it as DOCX, ODT, XLSX, Markdown, HTML or text.");
    }

    private static Document ofText(String name, String text) {
        var ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (Set.of("csv", "tsv").contains(ending)) {
            return CsvTable.read(text);
        }
        if (Set.of("md", "markdown").contains(ending)) {
            return MarkdownText.read(text);
        }
        var start = text.stripLeading().toLowerCase(Locale.ROOT);
        if (Set.of("html", "htm", "xhtml").contains(ending)
                || start.startsWith("<!doctype html")
                || start.startsWith("<html")) {
            return HtmlText.read(text);
        }
        return PlainText.read(text);
    }
}
