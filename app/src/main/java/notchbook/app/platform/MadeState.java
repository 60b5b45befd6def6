package notchbook.app.platform;

/** What became of something that a job makes. */
public enum MadeState {
    WAITING,
    READY,
    FAILED
}
