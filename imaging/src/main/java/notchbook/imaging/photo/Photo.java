package notchbook.imaging.photo;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * A photo as it is kept: the full picture, upright, encoded anew as JPEG or PNG without any metadata; a smaller JPEG
 * for the screen; and the time at which the camera took it, by the camera's own clock.
 */
public record Photo(
        byte[] full, String type, int width, int height, byte[] screen, Optional<LocalDateTime> capturedAt) {}
