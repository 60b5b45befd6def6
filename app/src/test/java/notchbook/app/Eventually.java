package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.function.BooleanSupplier;

/** Waits for what a job does. */
final class Eventually {
    private static final Duration LONGEST = Duration.ofSeconds(30);

    private Eventually() {}

    static void holds(BooleanSupplier isSo) {
        var until = Instant.now().plus(LONGEST);
        while (!isSo.getAsBoolean()) {
            assertThat(Instant.now()).as("waiting for a job").isBefore(until);
            try {
                Thread.sleep(100);
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
