package notchbook.app.platform;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Runs the programs of ffmpeg: on files only, in one thread, and for so long and no longer. */
public final class Ffmpeg {
    private static final int BUFFER_BYTES = 1 << 16;

    private Ffmpeg() {}

    /** Reads what a program writes while it writes it; an answer is not kept. */
    public interface Reader {
        void read(InputStream output) throws IOException;
    }

    /** Whether it went through to its end without a word of complaint; {@code reader} has had what it wrote. */
    public static boolean read(Duration limit, List<String> arguments, Reader reader) throws IOException {
        var errors = Files.createTempFile("notchbook", "ffmpeg");
        try {
            var process = new ProcessBuilder(command("ffmpeg", arguments))
                    .redirectError(errors.toFile())
                    .start();
            endAfter(process, limit);
            try (var output = new BufferedInputStream(process.getInputStream(), BUFFER_BYTES)) {
                reader.read(output);
            }
            return process.onExit().join().exitValue() == 0 && Files.size(errors) == 0;
        } finally {
            Files.delete(errors);
        }
    }

    /** Writes what a program reads while it reads it. */
    public interface Writer {
        void write(OutputStream input) throws IOException;
    }

    /** Whether it went through to its end with all that {@code writer} had for it. */
    public static boolean write(Duration limit, List<String> arguments, Writer writer) throws IOException {
        var process = new ProcessBuilder(command("ffmpeg", arguments))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        endAfter(process, limit);
        try (var input = process.getOutputStream()) {
            writer.write(input);
        } catch (IOException closed) {
            // It ended before its time; how it ended says whether that was well.
            process.destroyForcibly();
        }
        return process.onExit().join().exitValue() == 0;
    }

    /** Whether it went through to its end. */
    public static boolean run(Duration limit, List<String> arguments) throws IOException {
        var process = new ProcessBuilder(command("ffmpeg", arguments))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        endAfter(process, limit);
        return process.onExit().join().exitValue() == 0;
    }

    /** What ffprobe says; empty when it can't read the file. */
    public static String probe(Duration limit, List<String> arguments) throws IOException {
        var process = new ProcessBuilder(command("ffprobe", arguments))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        endAfter(process, limit);
        try (var output = process.getInputStream()) {
            var said = new String(output.readAllBytes(), StandardCharsets.UTF_8);
            return process.onExit().join().exitValue() == 0 ? said : "";
        }
    }

    private static void endAfter(Process process, Duration limit) {
        process.onExit()
                .orTimeout(limit.toMillis(), TimeUnit.MILLISECONDS)
                .exceptionally(late -> process.destroyForcibly());
    }

    private static List<String> command(String program, List<String> arguments) {
        var command = new ArrayList<>(List.of(program, "-v", "error", "-protocol_whitelist", "file,pipe"));
        if (program.equals("ffmpeg")) {
            command.addAll(List.of("-nostdin", "-threads", "1"));
        }
        command.addAll(arguments);
        return command;
    }
}
