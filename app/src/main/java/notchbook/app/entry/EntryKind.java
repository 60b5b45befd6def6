package notchbook.app.entry;

import notchbook.core.notebook.EvidenceKind;

/** What an entry is made of. */
public enum EntryKind {
    TYPED(EvidenceKind.TYPED),
    INK(EvidenceKind.HANDWRITTEN),
    PHOTO(EvidenceKind.PHOTO),
    RECORDING(EvidenceKind.RECORDING),
    /** A short film. */
    CLIP(EvidenceKind.RECORDING),
    FILE(EvidenceKind.ATTACHED),
    LINK(EvidenceKind.ATTACHED),
    /** A view of a collection. */
    VIEW(EvidenceKind.ATTACHED);

    private final EvidenceKind evidence;

    EntryKind(EvidenceKind evidence) {
        this.evidence = evidence;
    }

    public EvidenceKind evidence() {
        return evidence;
    }

    boolean hasMedia() {
        return this == PHOTO || isPlayed() || this == FILE;
    }

    /** Whether it is listened to or watched, with moments and spoken lines. */
    public boolean isPlayed() {
        return this == RECORDING || this == CLIP;
    }
}
