package notchbook.formats.sheet;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Writes the parts of a book into a ZIP file, large ones as they are read. */
public final class ZipWriter implements AutoCloseable {
    private final ZipOutputStream zip;

    public ZipWriter(OutputStream out) {
        this.zip = new ZipOutputStream(out);
    }

    /** As it is, without being packed: it can be read at a fixed place of the file. */
    public void putPlain(String path, String content) throws IOException {
        var bytes = content.getBytes(UTF_8);
        var sum = new CRC32();
        sum.update(bytes);
        var entry = new ZipEntry(path);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    public void put(String path, String content) throws IOException {
        put(path, content.getBytes(UTF_8));
    }

    public void put(String path, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(path));
        zip.write(content);
        zip.closeEntry();
    }

    public void put(String folder, SheetMedia.Part part) throws IOException {
        switch (part) {
            case SheetMedia.Picture picture -> put(folder + picture.path(), picture.content());
            case SheetMedia.Copied copied -> {
                zip.putNextEntry(new ZipEntry(folder + copied.path()));
                Files.copy(copied.file().place(), zip);
                zip.closeEntry();
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
