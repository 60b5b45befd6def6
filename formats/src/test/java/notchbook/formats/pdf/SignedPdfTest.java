package notchbook.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import notchbook.core.seal.SealKey;
import notchbook.core.seal.Statement;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.bouncycastle.asn1.ess.ContentHints;
import org.bouncycastle.asn1.pkcs.PKCSObjectIdentifiers;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cms.CMSException;
import org.bouncycastle.cms.CMSProcessableByteArray;
import org.bouncycastle.cms.CMSSignedData;
import org.bouncycastle.cms.SignerInformation;
import org.bouncycastle.cms.jcajce.JcaSimpleSignerInfoVerifierBuilder;
import org.junit.jupiter.api.Test;

class SignedPdfTest {
    private static final SealKey KEY = SealKey.make();
    private static final Statement SAYS =
            new Statement("Echoes: sonar", "Marlo Quist", "Physics", 2, Instant.parse("2026-11-20T18:42:00Z"), "ab12");

    @Test
    void isSignedAsAWhole() throws Exception {
        var pdf = signed();
        try (var document = Loader.loadPDF(pdf)) {
            var range = document.getLastSignatureDictionary().getByteRange();
            assertThat(range[0]).isZero();
            assertThat(range[2] + range[3]).isEqualTo(pdf.length);
        }
        assertThat(holds(pdf)).isTrue();
    }

    @Test
    void tellsWhenAByteDiffers() throws Exception {
        var pdf = signed();
        var at = new String(pdf, java.nio.charset.StandardCharsets.ISO_8859_1).indexOf("/Page");
        pdf[at + 1] ^= 1;
        assertThat(holds(pdf)).isFalse();
    }

    @Test
    void carriesWhatTheSealSays() throws Exception {
        var hints = ContentHints.getInstance(signer(signed())
                .getSignedAttributes()
                .get(PKCSObjectIdentifiers.id_aa_contentHint)
                .getAttributeValues()[0]);
        assertThat(hints.getContentDescriptionUTF8().getString()).isEqualTo(SAYS.text());
    }

    @Test
    void showsNothingOnAPage() throws IOException {
        try (var document = Loader.loadPDF(signed())) {
            assertThat(document.getPage(0).getAnnotations()).hasSize(1).allMatch(widget -> widget.isHidden());
        }
    }

    private static byte[] signed() throws IOException {
        var plain = new ByteArrayOutputStream();
        try (var document = new PDDocument()) {
            document.addPage(new PDPage());
            document.save(plain);
        }
        return SignedPdf.sign(plain.toByteArray(), SAYS, KEY);
    }

    private static boolean holds(byte[] pdf) throws Exception {
        var signer = signer(pdf);
        try {
            return signer.verify(new JcaSimpleSignerInfoVerifierBuilder().build(certificate(pdf)));
        } catch (CMSException differs) {
            return false;
        }
    }

    private static SignerInformation signer(byte[] pdf) throws Exception {
        return cms(pdf).getSignerInfos().getSigners().iterator().next();
    }

    private static X509CertificateHolder certificate(byte[] pdf) throws Exception {
        return cms(pdf).getCertificates().getMatches(null).iterator().next();
    }

    private static CMSSignedData cms(byte[] pdf) throws Exception {
        try (var document = Loader.loadPDF(pdf)) {
            var signature = document.getLastSignatureDictionary();
            return new CMSSignedData(
                    new CMSProcessableByteArray(signature.getSignedContent(pdf)), signature.getContents());
        }
    }
}
