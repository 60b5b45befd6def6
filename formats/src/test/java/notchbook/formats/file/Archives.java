package notchbook.formats.file;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Small documents of other programs, made of their parts. */
final class Archives {
    private static final String WORD = "xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\" "
            + "xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\"";
    private static final String RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";

    private Archives() {}

    /** A file with a content, which goes when the tests end. */
    static Path file(byte[] content) {
        try {
            var file = Files.createTempFile("notchbook", "test");
            file.toFile().deleteOnExit();
            return Files.write(file, content);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    static byte[] zip(String... namesAndTexts) {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var i = 0; i < namesAndTexts.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndTexts[i]));
                zip.write(namesAndTexts[i + 1].getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    static byte[] docx(String body) {
        return docx(body, "");
    }

    /** A DOCX with relations of its document, each as the attributes of a Relationship. */
    static byte[] docx(String body, String relation) {
        return zip(
                "[Content_Types].xml",
                "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\"><Default Extension=\"rels\" "
                        + "ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/><Override PartName=\"/word/document.xml\" "
                        + "ContentType=\"application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml\"/></Types>",
                "_rels/.rels",
                relations("Id=\"r1\" Type=\"" + RELATION + "officeDocument\" Target=\"word/document.xml\""),
                "word/document.xml",
                "<w:document " + WORD + "><w:body>" + body + "</w:body></w:document>",
                "word/_rels/document.xml.rels",
                relations(relation.replace("{type}", RELATION)));
    }

    static byte[] odt(String body) {
        return zip(
                "mimetype",
                "application/vnd.oasis.opendocument.text",
                "content.xml",
                "<office:document-content><office:automatic-styles><style:style style:name=\"T1\"><style:text-properties "
                        + "fo:font-weight=\"bold\"/></style:style></office:automatic-styles><office:body><office:text>"
                        + body + "</office:text></office:body></office:document-content>");
    }

    static byte[] xlsx(String rows) {
        var main = "xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"";
        return zip(
                "[Content_Types].xml",
                "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\"><Override PartName=\"/xl/workbook.xml\" "
                        + "ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml\"/></Types>",
                "_rels/.rels",
                relations("Id=\"r1\" Type=\"" + RELATION + "officeDocument\" Target=\"xl/workbook.xml\""),
                "xl/workbook.xml",
                "<workbook " + main
                        + " xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\">"
                        + "<sheets><sheet name=\"Echoes\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>",
                "xl/_rels/workbook.xml.rels",
                relations("Id=\"r1\" Type=\"" + RELATION + "worksheet\" Target=\"worksheets/sheet1.xml\""),
                "xl/worksheets/sheet1.xml",
                "<worksheet " + main + "><sheetData>" + rows + "</sheetData></worksheet>");
    }

    private static String relations(String attributes) {
        return "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
                + (attributes.isEmpty() ? "" : "<Relationship " + attributes + "/>") + "</Relationships>";
    }
}
