package notchbook.formats.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.zip.ZipFile;

/** What a file is. Its content tells; its name only tells Markdown, CSV and HTML from plain text. */
public enum FileType {
    PDF("application/pdf"),
    DOCX("application/vnd.openxmlformats-officedocument.wordprocessingml.document"),
    XLSX("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"),
    ODT("application/vnd.oasis.opendocument.text"),
    HTML("text/html"),
    MARKDOWN("text/markdown"),
    CSV("text/csv"),
    TEXT("text/plain"),
    OTHER("application/octet-stream");

    /** Far enough into a file to know whether it is text. */
    private static final int HEAD_BYTES = 65_536;

    private final String mediaType;

    FileType(String mediaType) {
        this.mediaType = mediaType;
    }

    /** Its media type (RFC 6838). */
    public String mediaType() {
        return mediaType;
    }

    /** The type with a media type; OTHER for one that is none of these. */
    public static FileType ofMediaType(String mediaType) {
        return Arrays.stream(values())
                .filter(type -> type.mediaType.equals(mediaType))
                .findFirst()
                .orElse(OTHER);
    }

    public static FileType of(String name, Path file) {
        var head = head(file);
        if (new String(head, StandardCharsets.ISO_8859_1).startsWith("%PDF-")) {
            return PDF;
        }
        if (ZipParts.isZip(head)) {
            return ofArchive(file);
        }
        return PlainText.isText(head) ? ofText(name, head) : OTHER;
    }

    private static FileType ofArchive(Path file) {
        try (var zip = new ZipFile(file.toFile())) {
            if (zip.getEntry("word/document.xml") != null) {
                return DOCX;
            }
            if (zip.getEntry("xl/workbook.xml") != null) {
                return XLSX;
            }
            return isOpenText(zip) ? ODT : OTHER;
        } catch (IOException broken) {
            return OTHER;
        }
    }

    private static boolean isOpenText(ZipFile zip) throws IOException {
        var type = zip.getEntry("mimetype");
        if (type == null || zip.getEntry("content.xml") == null) {
            return false;
        }
        try (var in = zip.getInputStream(type)) {
            var wanted = ODT.mediaType.getBytes(StandardCharsets.US_ASCII);
            return Arrays.equals(in.readNBytes(wanted.length), wanted);
        }
    }

    private static FileType ofText(String name, byte[] head) {
        var ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (Set.of("csv", "tsv").contains(ending)) {
            return CSV;
        }
        if (Set.of("md", "markdown").contains(ending)) {
            return MARKDOWN;
        }
        var start = new String(head, StandardCharsets.ISO_8859_1).stripLeading().toLowerCase(Locale.ROOT);
        var isHtml = Set.of("html", "htm", "xhtml").contains(ending)
                || start.startsWith("<!doctype html")
                || start.startsWith("<html");
        return isHtml ? HTML : TEXT;
    }

    private static byte[] head(Path file) {
        try (var in = Files.newInputStream(file)) {
            return in.readNBytes(HEAD_BYTES);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
