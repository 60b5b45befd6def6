package notchbook.formats.web;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** The parts of a ZIP file by their paths, in the order in which they lie. */
public final class Zips {
    private Zips() {}

    public static Map<String, byte[]> read(byte[] zip) throws IOException {
        var parts = new LinkedHashMap<String, byte[]>();
        try (var in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                parts.put(entry.getName(), in.readAllBytes());
            }
        }
        return parts;
    }
}
