package notchbook.core.notebook;

/** The kinds of evidence, each with a shape of its own on every screen. A file or a link is attached: made elsewhere. */
public enum EvidenceKind {
    TYPED,
    HANDWRITTEN,
    PHOTO,
    RECORDING,
    REFLECTION,
    ATTACHED
}
