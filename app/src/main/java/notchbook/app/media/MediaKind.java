package notchbook.app.media;

/** What was sent: a photo, a recording or a clip (a short film), which a page can show, or any other file, to be fetched again. */
public enum MediaKind {
    PHOTO,
    RECORDING,
    CLIP,
    FILE
}
