package notchbook.imaging.photo;

/** A picture that can't be taken in; the message says why and what to do, in words for a student. */
public final class PhotoRefused extends Exception {
    PhotoRefused(String message) {
        super(message);
    }
}
