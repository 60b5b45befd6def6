package notchbook.formats.pdf;

/** The paper that a PDF is laid out for, in mm: the sheet, and what its margins leave. */
public enum PaperSize {
    A4(210, 297),
    LETTER(215.9, 279.4);

    static final double MARGIN_TOP_MM = 18;
    static final double MARGIN_BOTTOM_MM = 20;
    static final double MARGIN_SIDE_MM = 16;

    private final double widthMm;
    private final double heightMm;

    PaperSize(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** How wide a line of text can be. */
    double contentWidthMm() {
        return widthMm - 2 * MARGIN_SIDE_MM;
    }

    /** How tall the tallest thing on a sheet can be. */
    double contentHeightMm() {
        return heightMm - MARGIN_TOP_MM - MARGIN_BOTTOM_MM;
    }

    /** The rule for the sheets in CSS, with the number of each at its foot. */
    String pageRule() {
        return "@page { size: %smm %smm; margin: %smm %smm %smm; @bottom-right { content: counter(page) \" / \" counter(pages); font: 9pt Atkinson; color: #4C5A60; } }\n"
                .formatted(widthMm, heightMm, MARGIN_TOP_MM, MARGIN_SIDE_MM, MARGIN_BOTTOM_MM);
    }
}
