package notchbook.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;

/** A process that was started, with the file that holds what it says. */
record Started(Process process, Path output) {
    static Started of(ProcessBuilder builder, Path output) {
        try {
            return new Started(
                    builder.redirectErrorStream(true)
                            .redirectOutput(output.toFile())
                            .start(),
                    output);
        } catch (IOException missing) {
            throw new UncheckedIOException("It could not be started: " + builder.command(), missing);
        }
    }

    /** Waits until it says some words, for as long as it runs and not longer than a limit. */
    Started awaitSaying(String words, Duration limit) {
        var deadline = Instant.now().plus(limit);
        while (!said().contains(words)) {
            if (!process.isAlive() || Instant.now().isAfter(deadline)) {
                throw new IllegalStateException("It did not say \"" + words + "\":\n" + said());
            }
            sleep();
        }
        return this;
    }

    /** Everything that it has said so far. */
    String said() {
        try {
            return Files.readString(output);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** A port of this machine that nobody listens on. */
    static int freePort() {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    static Path emptyFolder() {
        try {
            return Files.createTempDirectory("notchbook-e2e");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static void sleep() {
        try {
            TimeUnit.MILLISECONDS.sleep(200);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }
}
