package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import notchbook.formats.bag.BagFile;
import notchbook.formats.bag.BagInfo;
import notchbook.formats.bag.BagWriter;

/** The files of a bag by their paths, to be looked at and changed; packed again, all digests are right. */
record BagFiles(Map<String, byte[]> files, Map<String, String> info) {
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    static BagFiles of(byte[] bag) {
        try {
            var file = Files.write(Files.createTempFile("bag", ".zip"), bag);
            try (var opened = BagFile.open(file)) {
                var files = new TreeMap<String, byte[]>();
                for (var path : opened.carried("")) {
                    files.put(path, opened.read(path).readAllBytes());
                }
                return new BagFiles(files, new HashMap<>(opened.info().lines()));
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    String text(String path) {
        return new String(files.getOrDefault(path, new byte[0]), UTF_8);
    }

    String records(String table) {
        return text("records/" + table + ".jsonl");
    }

    void setRecords(String table, String lines) {
        files.put("records/" + table + ".jsonl", lines.getBytes(UTF_8));
    }

    /** The same things under ids that nothing has here; what the bag says of its person stays. */
    BagFiles underNewIds() {
        var ids = new HashMap<String, String>();
        ids.put(info.get("Notchbook-Person"), info.get("Notchbook-Person"));
        var renamed = new TreeMap<String, byte[]>();
        files.forEach((path, content) -> {
            if (path.startsWith("records/") || path.startsWith("media/")) {
                renamed.put(
                        replaced(path, ids),
                        path.startsWith("records/")
                                ? replaced(new String(content, UTF_8), ids).getBytes(UTF_8)
                                : content);
            }
        });
        return new BagFiles(renamed, info);
    }

    private static String replaced(String text, Map<String, String> ids) {
        return ID.matcher(text)
                .replaceAll(id ->
                        ids.computeIfAbsent(id.group(), any -> UUID.randomUUID().toString()));
    }

    byte[] packed() {
        var out = new ByteArrayOutputStream();
        try (var bag = new BagWriter(out, "bag")) {
            for (var file : files.entrySet()) {
                bag.put(file.getKey(), to -> to.write(file.getValue()));
            }
            bag.finish(new BagInfo(info));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return out.toByteArray();
    }
}
