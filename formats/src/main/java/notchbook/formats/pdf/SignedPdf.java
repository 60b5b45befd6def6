package notchbook.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Date;
import java.util.GregorianCalendar;
import java.util.TimeZone;
import notchbook.core.seal.SealKey;
import notchbook.core.seal.Statement;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.digitalsignature.PDSignature;
import org.apache.pdfbox.pdmodel.interactive.digitalsignature.SignatureOptions;

/**
 * A PDF with the seal of what it shows: signed as a whole (ISO 32000-1, 12.8), so that anybody who has the file can tell whether
 * a byte of it differs. What the seal says stands in the signature.
 */
public final class SignedPdf {
    /** Room for the signature, in bytes: four times what one with a long title takes. */
    private static final int ROOM_BYTES = 4_096;

    private SignedPdf() {}

    public static byte[] sign(byte[] pdf, Statement says, SealKey key) {
        var signed = new ByteArrayOutputStream();
        try (var document = Loader.loadPDF(pdf);
                var room = new SignatureOptions()) {
            room.setPreferredSignatureSize(ROOM_BYTES);
            document.addSignature(
                    signature(says),
                    content ->
                            CmsSignature.over(content.readAllBytes(), says, key).bytes(),
                    room);
            hideWidgets(document);
            document.saveIncremental(signed);
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
        return signed.toByteArray();
    }

    private static PDSignature signature(Statement says) {
        var at = new GregorianCalendar(TimeZone.getTimeZone("UTC"));
        at.setTime(Date.from(says.sealedAt()));
        var signature = new PDSignature();
        signature.setFilter(PDSignature.FILTER_ADOBE_PPKLITE);
        signature.setSubFilter(PDSignature.SUBFILTER_ADBE_PKCS7_DETACHED);
        signature.setName("Notchbook");
        signature.setReason("Sealed: " + says.title() + ", version " + says.version() + ", by " + says.student());
        signature.setSignDate(at);
        return signature;
    }

    /** The signature shows nothing on a page; hidden, it is nothing that a screen reader has to be told of (PDF/UA-1, 7.18.1). */
    private static void hideWidgets(PDDocument document) throws IOException {
        for (var field : document.getSignatureFields()) {
            field.getWidgets().forEach(widget -> {
                widget.setPrinted(false);
                widget.setHidden(true);
            });
        }
    }
}
