package notchbook.formats.source;

/** The usual styles of reference lists, each by its file of the Citation Style Language. */
public enum ReferenceStyle {
    APA("apa"),
    HARVARD("harvard-cite-them-right"),
    MLA("modern-language-association"),
    CHICAGO("chicago-author-date"),
    VANCOUVER("vancouver");

    private final String file;

    ReferenceStyle(String file) {
        this.file = file;
    }

    String file() {
        return file;
    }
}
