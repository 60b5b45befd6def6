package notchbook.app.mail;

/** Sends mails. */
public interface Post {
    /** Whether mails can be sent from here at all. */
    boolean isThere();

    /** Sends one; a {@link notchbook.app.platform.Refusal} says why it could not. */
    void send(Letter letter);
}
