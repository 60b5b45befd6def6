package notchbook.formats.pdf;

/**
 * Writes a section as a tagged PDF (PDF/UA-1): real text, photos with their captions as alternative text, ink as
 * vector paths, recordings listed with their length.
 */
public final class SectionPdf {
    private SectionPdf() {}

    public static byte[] write(SectionSheet sheet) {
        return TaggedPdf.write(SectionHtml.write(sheet, TaggedPdf.css("/section.css")));
    }
}
