package notchbook.app.link;

/** Where the fetching of a link's card stands. */
public enum LinkState {
    WAITING,
    FETCHED,
    /** Nobody without an account can open it: it is gone, asks for a sign-in, or is no public page. */
    UNREACHED
}
