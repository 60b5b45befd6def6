package notchbook.formats.pdf;

/**
 * Writes a section as a tagged PDF (PDF/UA-1): real text, photos with their captions as alternative text, ink as
 * vector paths, recordings listed with their length.
 *
 * <p>Nothing can run out of a sheet or come apart: every column and every picture has a width in mm that follows from the
 * paper, a picture and what is written on it are one drawing, pictures and rows of halves and thirds go to the next sheet
 * whole, and text flows on.
 */
public final class SectionPdf {
    private SectionPdf() {}

    public static byte[] write(SectionSheet sheet, PaperSize paper) {
        return TaggedPdf.write(html(sheet, paper));
    }

    static String html(SectionSheet sheet, PaperSize paper) {
        return SectionHtml.write(sheet, paper, paper.pageRule() + TaggedPdf.css("/section.css"));
    }
}
