package notchbook.app.remark;

import notchbook.core.remark.Anchor;

/** What kind of thing a remark is about. */
public enum About {
    WHOLE,
    ENTRY,
    WORDS,
    SPOT,
    MOMENT;

    static About of(Anchor anchor) {
        return switch (anchor) {
            case Anchor.Whole ignored -> WHOLE;
            case Anchor.OnEntry ignored -> ENTRY;
            case Anchor.OnWords ignored -> WORDS;
            case Anchor.OnSpot ignored -> SPOT;
            case Anchor.OnMoment ignored -> MOMENT;
        };
    }
}
