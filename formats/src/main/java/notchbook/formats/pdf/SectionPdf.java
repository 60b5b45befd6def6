package notchbook.formats.pdf;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.PdfAConformance;
import notchbook.formats.pdf.PdfWish.Sounds;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.StyleSheet;

/**
 * Writes a section as a PDF for reading aloud and for keeping (PDF/UA-1 with PDF/A-2u, or PDF/A-3u where sounds lie in it): real
 * text, photos with their captions as alternative text, ink as vector paths, recordings listed with their length.
 *
 * <p>Nothing can run out of a sheet or come apart: every column and every picture has a width in mm that follows from the
 * paper, a picture and what is written on it are one drawing, pictures and rows of halves and thirds go to the next sheet
 * whole, and text flows on.
 */
public final class SectionPdf {
    private SectionPdf() {}

    public static byte[] write(SectionSheet sheet, PaperSize paper) {
        return write(sheet, PdfWish.on(paper));
    }

    public static byte[] write(SectionSheet sheet, PdfWish wish) {
        var isAttached = wish.sounds() == Sounds.ATTACHED;
        var pdf = TaggedPdf.write(html(sheet, wish), isAttached ? PdfAConformance.PDFA_3_U : PdfAConformance.PDFA_2_U);
        var finished = PdfParts.of(sheet, wish).addTo(pdf);
        return wish.isTwoUp() ? TwoUp.of(finished) : finished;
    }

    /** The page of XHTML that the PDF is made of. */
    public static String html(SectionSheet sheet, PdfWish wish) {
        return SectionHtml.write(sheet, wish, wish.paper().pageRule() + StyleSheet.read("/section.css"));
    }
}
