package notchbook.app.handin;

import notchbook.formats.pdf.PaperSize;

/** How a PDF is wanted: for which paper, and at which web address its sounds can be heard. */
public record Print(PaperSize paper, String origin) {}
