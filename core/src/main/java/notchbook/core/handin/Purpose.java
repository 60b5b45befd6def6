package notchbook.core.handin;

/** What a version is sent for. A draft is looked at and counts as nothing. */
public enum Purpose {
    HAND_IN,
    DRAFT
}
