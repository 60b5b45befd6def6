package notchbook.formats.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import notchbook.core.text.Document;

/**
 * Reads a file of another program as typed text; {@link FileType} says which it is. Pictures in it stay behind. An
 * {@link IllegalArgumentException} says why a file can't be read.
 */
public final class FileText {
    /** A thesis without its pictures; larger files are attached, not read. */
    public static final int MOST_BYTES = 20_000_000;

    private FileText() {}

    /** The whole of a file; one with more than an entry can hold is refused. */
    public static Document read(String name, Path file) {
        var document = read(name, file, Extent.WHOLE);
        if (document.isBlank()) {
            throw new IllegalArgumentException(
                    "There are no words in this file. A scan goes onto the page as a photo.");
        }
        return document;
    }

    static Document read(String name, Path file, Extent extent) {
        try {
            return read(name, file, content(file), extent);
        } catch (StackOverflowError nested) {
            // Each reader has a limit of its own; markup that gets past it is nobody's document.
            throw new IllegalArgumentException(
                    "What stands in this file is nested too deeply to be read. Save it once more as plain text.",
                    nested);
        }
    }

    private static Document read(String name, Path file, byte[] content, Extent extent) {
        return switch (FileType.of(name, file)) {
            case DOCX -> WordText.read(ZipParts.of(content));
            case XLSX -> SheetTable.read(ZipParts.of(content), extent);
            case ODT -> OpenText.read(ZipParts.of(content));
            case CSV -> CsvTable.read(PlainText.decode(content), extent);
            case MARKDOWN -> MarkdownText.read(PlainText.decode(content));
            case HTML -> HtmlText.read(PlainText.decode(content));
            case TEXT -> PlainText.read(PlainText.decode(content));
            case PDF, OTHER -> throw unread(content);
        };
    }

    /** An archive is gone through for what is wrong with it, so that its sender learns what to do. */
    private static IllegalArgumentException unread(byte[] content) {
        if (ZipParts.isZip(content)) {
            ZipParts.of(content);
        }
        return new IllegalArgumentException(
                "This is no document that can be read here. Save it as DOCX, ODT, XLSX, Markdown, HTML or text.");
    }

    private static byte[] content(Path file) {
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new IllegalArgumentException(
                        "This file is larger than 20 MB. Take the part that you need out of it.");
            }
            return Files.readAllBytes(file);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
