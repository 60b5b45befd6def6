package notchbook.e2e;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** ZIP files, taken apart, and as a forger would change them. */
final class Zips {
    private Zips() {}

    static void unpack(Path file, Path folder) throws IOException {
        try (var from = new ZipInputStream(Files.newInputStream(file))) {
            for (var entry = from.getNextEntry(); entry != null; entry = from.getNextEntry()) {
                var place = folder.resolve(entry.getName());
                Files.createDirectories(place.getParent());
                Files.copy(from, place);
            }
        }
    }

    /** The same file with one of its texts changed. */
    static byte[] changed(byte[] file, String path, UnaryOperator<String> change) throws IOException {
        var out = new ByteArrayOutputStream();
        try (var from = new ZipInputStream(new ByteArrayInputStream(file));
                var to = new ZipOutputStream(out)) {
            for (var entry = from.getNextEntry(); entry != null; entry = from.getNextEntry()) {
                var content = from.readAllBytes();
                to.putNextEntry(new ZipEntry(entry.getName()));
                to.write(
                        entry.getName().equals(path)
                                ? change.apply(new String(content, UTF_8)).getBytes(UTF_8)
                                : content);
                to.closeEntry();
            }
        }
        return out.toByteArray();
    }
}
