package notchbook.formats.pdf;

import java.io.ByteArrayInputStream;
import java.util.List;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

/** What a checker of the standards finds in a PDF. */
public final class PdfStandards {
    static {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private PdfStandards() {}

    /** Every breach of PDF/A-2u and of PDF/UA-1, in words; empty when there is none. */
    public static List<String> breaches(byte[] pdf, PDFAFlavour... flavours) {
        return List.of(flavours).stream()
                .flatMap(flavour -> breaches(pdf, flavour).stream())
                .distinct()
                .toList();
    }

    private static List<String> breaches(byte[] pdf, PDFAFlavour flavour) {
        try (var parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                var validator = Foundries.defaultInstance().createValidator(flavour, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .filter(one -> one.getStatus() == TestAssertion.Status.FAILED)
                    .map(one -> flavour.getId() + " " + one.getRuleId().getClause() + ": " + one.getMessage())
                    .distinct()
                    .toList();
        } catch (Exception unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }
}
