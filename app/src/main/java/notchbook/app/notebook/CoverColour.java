package notchbook.app.notebook;

/** The colours that a notebook's cover can have. */
public enum CoverColour {
    PETROL,
    MOSS,
    BRASS,
    RUST,
    PLUM,
    SLATE
}
