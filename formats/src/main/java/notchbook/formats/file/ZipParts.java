package notchbook.formats.file;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipInputStream;

/** The parts of a document that is an archive, opened within bounds whatever the archive says of itself. */
final class ZipParts {
    /** All parts together; a document of 20 MB with pictures has no more. */
    private static final int MOST_BYTES = 100_000_000;

    private static final int MOST_PARTS = 5_000;
    private static final int BUFFER_BYTES = 8_192;

    private final Map<String, byte[]> parts;
    private final byte[] file;

    private ZipParts(byte[] file, Map<String, byte[]> parts) {
        this.file = file;
        this.parts = parts;
    }

    static boolean isZip(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    static ZipParts of(byte[] file) {
        var parts = new LinkedHashMap<String, byte[]>();
        var left = MOST_BYTES;
        try (var in = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                var part = readWithin(in, left);
                left -= part.length;
                parts.put(entry.getName(), part);
                if (parts.size() > MOST_PARTS) {
                    throw tooLarge();
                }
            }
        } catch (IOException broken) {
            throw new IllegalArgumentException("This file is broken. Save it once more and try again.", broken);
        }
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("This file is broken. Save it once more and try again.");
        }
        var all = new ZipParts(file, parts);
        parts.forEach(ZipParts::requireHarmless);
        return all;
    }

    boolean has(String name) {
        return parts.containsKey(name);
    }

    String text(String name) {
        return new String(parts.getOrDefault(name, new byte[0]), StandardCharsets.UTF_8);
    }

    /** The whole archive, which has been gone through. */
    byte[] file() {
        return file;
    }

    private static byte[] readWithin(ZipInputStream in, int most) throws IOException {
        var out = new ByteArrayOutputStream();
        var buffer = new byte[BUFFER_BYTES];
        for (var read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            out.write(buffer, 0, read);
            if (out.size() > most) {
                throw tooLarge();
            }
        }
        return out.toByteArray();
    }

    /** No part declares entities, and none but a link refers to something outside. */
    private static void requireHarmless(String name, byte[] part) {
        var isXml = name.endsWith(".xml") || name.endsWith(".rels");
        if (!isXml) {
            return;
        }
        // In UTF-16 every other byte of these words is 0.
        var text =
                new String(part, StandardCharsets.ISO_8859_1).replace("\0", "").toLowerCase(Locale.ROOT);
        if (text.contains("<!doctype") || text.contains("<!entity")) {
            throw new IllegalArgumentException(
                    "This document declares things of its own that could do harm, so it was not opened.");
        }
        if (name.endsWith(".rels")) {
            for (var relation : text.split("<relationship ")) {
                if (relation.contains("targetmode=\"external\"") && !relation.contains("/hyperlink\"")) {
                    throw new IllegalArgumentException(
                            "This document fetches something from outside itself, so it was not opened. Save it with"
                                    + " everything inside, or as plain text.");
                }
            }
        }
    }

    private static IllegalArgumentException tooLarge() {
        return new IllegalArgumentException("This file is far larger inside than outside, so it was not opened.");
    }
}
