package notchbook.formats.file;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import notchbook.core.text.Document.Table;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;

class FileWordsTest {
    @Test
    void readsTheWordsOfEveryPageOfAPdf() throws IOException {
        assertThat(words("a.pdf", pdf("Slack water", "Spring tide"))).isEqualTo("Slack water\nSpring tide");
    }

    @Test
    void readsTheWordsOfDocumentsAndTables() {
        assertThat(words("a.docx", Archives.docx("<w:p><w:r><w:t>Groyne</w:t></w:r></w:p>")))
                .isEqualTo("Groyne");
        assertThat(words("a.csv", "try,s\n1,0.28".getBytes(UTF_8))).isEqualTo("try\ts\n1\t0.28");
    }

    @Test
    void stopsWhereNobodyWouldReadOn() {
        assertThat(words("a.txt", "wave ".repeat(100_000).getBytes(UTF_8)))
                .hasSizeBetween(FileWords.MOST_CHARACTERS - 1, FileWords.MOST_CHARACTERS);
        assertThat(words("a.csv", "1,2\n".repeat(5_000).getBytes(UTF_8)).lines())
                .hasSize(Table.MOST_ROWS);
    }

    @Test
    void findsNoWordsInWhatCantBeRead() throws IOException {
        var whole = pdf("Slack water");
        assertThat(words("a.pdf", locked(whole))).isEmpty();
        assertThat(words("a.pdf", Arrays.copyOf(whole, 40))).isEmpty();
        assertThat(words("a.docx", Archives.docx("<w:p>"))).isEmpty();
        assertThat(words("a.docx", Archives.zip("word/document.xml", "<!DOCTYPE x><x/>")))
                .isEmpty();
        assertThat(words("a.bin", new byte[] {0, 1, 2})).isEmpty();
    }

    @Test
    void showsTheBeginningOfWhatIsLong() {
        var look = FileLook.into("a.csv", Archives.file("1,2\n".repeat(2_000).getBytes(UTF_8)));
        assertThat(look.isCut()).isTrue();
        assertThat(look.start().plainText().lines()).hasSize(60);
        assertThat(FileLook.into("a.md", Archives.file("# Tides".getBytes(UTF_8)))
                        .isCut())
                .isFalse();
        assertThat(FileLook.into("a.csv", Archives.file("x,".repeat(40).getBytes(UTF_8)))
                        .isCut())
                .isTrue();
    }

    @Test
    void saysWhyAFileCantBeLookedInto() {
        assertThatThrownBy(() -> FileLook.into("a.docx", Archives.file(Archives.docx("<w:p>"))))
                .hasMessageContaining("broken inside");
    }

    private static String words(String name, byte[] content) {
        return FileWords.of(name, Archives.file(content));
    }

    private static byte[] pdf(String... pages) throws IOException {
        try (var pdf = new PDDocument()) {
            for (var words : pages) {
                var page = new PDPage();
                pdf.addPage(page);
                try (var content = new PDPageContentStream(pdf, page)) {
                    content.beginText();
                    content.setFont(new PDType1Font(FontName.HELVETICA), 12);
                    content.showText(words);
                    content.endText();
                }
            }
            return bytes(pdf);
        }
    }

    private static byte[] locked(byte[] content) throws IOException {
        try (var pdf = org.apache.pdfbox.Loader.loadPDF(content)) {
            pdf.protect(new StandardProtectionPolicy("owner", "reader", new AccessPermission()));
            return bytes(pdf);
        }
    }

    private static byte[] bytes(PDDocument pdf) throws IOException {
        var out = new ByteArrayOutputStream();
        pdf.save(out);
        return out.toByteArray();
    }
}
