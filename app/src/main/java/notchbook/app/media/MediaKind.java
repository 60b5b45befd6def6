package notchbook.app.media;

/** What was sent: a photo or a recording, which a page can show, or any other file, which can be fetched again. */
public enum MediaKind {
    PHOTO,
    RECORDING,
    FILE
}
