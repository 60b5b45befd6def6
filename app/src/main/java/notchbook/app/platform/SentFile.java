package notchbook.app.platform;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.web.multipart.MultipartFile;

/** A file on its way in, under the name that its sender gave it, at a place of its own that is empty again after use. */
public record SentFile(String name, Path path) implements AutoCloseable {
    public static SentFile of(MultipartFile sent) throws IOException {
        var file = made(Optional.ofNullable(sent.getOriginalFilename()).orElse(""));
        sent.transferTo(file.path());
        return file;
    }

    public static SentFile of(String name, byte[] content) throws IOException {
        var file = made(name);
        Files.write(file.path(), content);
        return file;
    }

    private static SentFile made(String name) throws IOException {
        return new SentFile(name, Files.createTempFile("notchbook", "incoming"));
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(path);
    }
}
