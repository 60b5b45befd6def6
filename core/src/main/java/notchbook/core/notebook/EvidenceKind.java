package notchbook.core.notebook;

/** The five kinds of evidence, each with a shape of its own on every screen. */
public enum EvidenceKind {
    TYPED,
    HANDWRITTEN,
    PHOTO,
    RECORDING,
    REFLECTION
}
