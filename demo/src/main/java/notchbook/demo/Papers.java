package notchbook.demo;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The files that demo students attach: as they lie in the resources, a PDF printed from the page of the same name. */
final class Papers {
    private Papers() {}

    static byte[] file(String name) {
        return name.endsWith(".pdf")
                ? printed(Outline.text("files/" + name.replace(".pdf", ".html")))
                : Outline.text("files/" + name).getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] printed(String page) {
        var out = new ByteArrayOutputStream();
        try {
            new PdfRendererBuilder().withHtmlContent(page, null).toStream(out).run();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}
