package notchbook.app.scan;

/** How far a photo on the bench is. */
enum ShotState {
    /** Its page is being looked for. */
    WAITING,
    READY,
    /** No page could be made of it; as it was taken it can be kept. */
    FAILED
}
