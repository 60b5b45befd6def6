package notchbook.core.noticeboard;

/** Where a piece stands: its teacher is to look at it first, it is shown, its teacher says not yet, or its student took it back. */
public enum Standing {
    ASKED,
    SHOWN,
    NOT_YET,
    TAKEN_BACK
}
