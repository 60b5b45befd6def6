package notchbook.app.copy;

/** A form that a copy can have, with the ending and the media type of its file. */
enum CopyForm {
    PDF("pdf", "application/pdf"),
    EPUB("epub", "application/epub+zip"),
    WEB("zip", "application/zip"),
    /** One HTML file with everything in it. */
    PAGE("html", "text/html"),
    WORD("docx", "application/vnd.openxmlformats-officedocument.wordprocessingml.document"),
    MARKDOWN("zip", "application/zip"),
    PICTURES("zip", "application/zip");

    final String ending;
    final String type;

    CopyForm(String ending, String type) {
        this.ending = ending;
        this.type = type;
    }
}
