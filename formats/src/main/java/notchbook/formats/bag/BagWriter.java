package notchbook.formats.bag;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import notchbook.core.seal.Sha256;

/**
 * Writes a bag as a ZIP file in one pass, whatever its size: what it carries part by part, and at its end the lists of digests over it.
 */
public final class BagWriter implements AutoCloseable {
    /** What every bag says first. */
    private static final String DECLARATION = "BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n";

    private final ZipOutputStream zip;
    private final String folder;
    private final Map<String, String> payload = new TreeMap<>();
    private final Map<String, String> tags = new TreeMap<>();
    private long bytes;

    /** {@code name} is that of the one folder that everything lies in. */
    public BagWriter(OutputStream out, String name) {
        this.zip = new ZipOutputStream(out);
        this.folder = name + "/";
    }

    /** Writes what a part holds, in as many steps as it likes. */
    @FunctionalInterface
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    /** Puts a part into the bag; {@code path} is relative to its payload. */
    public void put(String path, Content content) throws IOException {
        zip.setLevel(Deflater.DEFAULT_COMPRESSION);
        payload.put("data/" + path, write("data/" + path, content));
    }

    public void put(String path, String text) throws IOException {
        put(path, out -> out.write(text.getBytes(UTF_8)));
    }

    /** Copies a picture, a sound or another file that would not get smaller. */
    public void copy(String path, Path file) throws IOException {
        zip.setLevel(Deflater.NO_COMPRESSION);
        payload.put("data/" + path, write("data/" + path, out -> Files.copy(file, out)));
    }

    /** Puts the lists and {@code info} in; without this it is no bag. */
    public void finish(BagInfo info) throws IOException {
        zip.setLevel(Deflater.DEFAULT_COMPRESSION);
        var size = bytes + "." + payload.size();
        tag("bagit.txt", DECLARATION);
        tag("bag-info.txt", info.with("Payload-Oxum", size).text());
        tag("manifest-sha256.txt", BagList.of(payload).text());
        write("tagmanifest-sha256.txt", out -> out.write(BagList.of(tags).text().getBytes(UTF_8)));
    }

    private void tag(String path, String text) throws IOException {
        tags.put(path, write(path, out -> out.write(text.getBytes(UTF_8))));
    }

    private String write(String path, Content content) throws IOException {
        var entry = new ZipEntry(folder + path);
        // The same content makes the same bag, whenever it is written.
        entry.setTime(0);
        zip.putNextEntry(entry);
        var digest = new DigestOutputStream(new Counted(), Sha256.begun());
        content.writeTo(digest);
        zip.closeEntry();
        return Sha256.hexOf(digest.getMessageDigest());
    }

    /** Passes on to the ZIP file, which a part must not close, and counts. */
    private final class Counted extends OutputStream {
        @Override
        public void write(int one) throws IOException {
            zip.write(one);
            bytes++;
        }

        @Override
        public void write(byte[] some, int from, int length) throws IOException {
            zip.write(some, from, length);
            bytes += length;
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
