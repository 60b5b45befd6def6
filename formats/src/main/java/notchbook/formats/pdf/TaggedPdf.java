package notchbook.formats.pdf;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.PdfAConformance;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/**
 * Makes a PDF for reading aloud and for keeping (PDF/UA-1 and PDF/A-2u at once) of an XHTML page. Fonts are embedded; nothing is
 * fetched from outside.
 */
public final class TaggedPdf {
    private static final String TEXT = "Atkinson";
    private static final String OTHER_SCRIPTS = "DejaVu";
    private static final String HAN = "Droid";

    private TaggedPdf() {}

    public static byte[] write(String xhtml) {
        return write(xhtml, PdfAConformance.PDFA_2_U);
    }

    static byte[] write(String xhtml, PdfAConformance conformance) {
        var out = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        font(builder, "AtkinsonHyperlegible-Regular.ttf", TEXT, 400, FontStyle.NORMAL);
        font(builder, "AtkinsonHyperlegible-Bold.ttf", TEXT, 700, FontStyle.NORMAL);
        font(builder, "AtkinsonHyperlegible-Italic.ttf", TEXT, 400, FontStyle.ITALIC);
        font(builder, "DejaVuSans.ttf", OTHER_SCRIPTS, 400, FontStyle.NORMAL);
        font(builder, "DroidSansFallbackFull.ttf", HAN, 400, FontStyle.NORMAL);
        builder.usePdfUaAccessibility(true);
        builder.usePdfAConformance(conformance);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
        builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useExternalResourceAccessControl(
                (uri, type) -> uri.startsWith("data:"), ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.withHtmlContent(xhtml, "");
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight, FontStyle style) {
        var bytes = resource("/fonts/" + file);
        builder.useFont(() -> new ByteArrayInputStream(bytes), family, weight, style, true);
    }

    private static byte[] resource(String path) {
        try (InputStream in = Objects.requireNonNull(TaggedPdf.class.getResourceAsStream(path), path)) {
            return in.readAllBytes();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
