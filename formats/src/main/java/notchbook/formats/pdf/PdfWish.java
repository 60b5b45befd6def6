package notchbook.formats.pdf;

/** How a PDF of a section is wanted. A book has a title page and its contents in front. */
public record PdfWish(PaperSize paper, boolean isBook, Sounds sounds, boolean isTwoUp) {
    /** What becomes of sounds, clips and files, which paper can't hold. */
    public enum Sounds {
        /** Each says what is in it and where it is. */
        LISTED,
        /** Each has a code beside it that a phone opens. */
        CODED,
        /** They lie in the PDF itself. */
        ATTACHED
    }

    public static PdfWish on(PaperSize paper) {
        return new PdfWish(paper, false, Sounds.LISTED, false);
    }
}
