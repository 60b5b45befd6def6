package notchbook.core.seal;

import static java.util.stream.Collectors.joining;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The seal of a version: the SHA-256 of every part, by path, and one digest over the whole list (docs/rules.md, Seal).
 * Written as a BagIt payload manifest: a line "digest  path" for each part, in the order of paths.
 */
public record Manifest(List<Part> parts) {
    /** One sealed part: its path inside the version and its SHA-256 in hexadecimal. */
    public record Part(String path, String sha256) {}

    public Manifest {
        parts = parts.stream().sorted(Comparator.comparing(Part::path)).toList();
    }

    public static Manifest over(Map<String, byte[]> contents) {
        return new Manifest(new TreeMap<>(contents)
                .entrySet().stream()
                        .map(entry -> new Part(entry.getKey(), Sha256.hex(entry.getValue())))
                        .toList());
    }

    /** Reads what {@link #text} wrote; lines of another form are an error of the program. */
    public static Manifest parse(String text) {
        return new Manifest(text.lines().map(Manifest::part).toList());
    }

    public String text() {
        return parts.stream()
                .map(part -> part.sha256() + "  " + part.path() + "\n")
                .collect(joining());
    }

    /** The digest that stands for the whole version, in hexadecimal. */
    public String digest() {
        return Sha256.hex(text());
    }

    /** Paths that no longer match: changed, gone, or not part of the sealed version. */
    public List<String> broken(Manifest now) {
        var sealed = byPath();
        var found = now.byPath();
        return Stream.concat(sealed.keySet().stream(), found.keySet().stream())
                .distinct()
                .sorted()
                .filter(path -> !sealed.getOrDefault(path, "").equals(found.getOrDefault(path, "")))
                .toList();
    }

    /** The digest of each part, by its path. */
    public Map<String, String> byPath() {
        var map = new TreeMap<String, String>();
        parts.forEach(part -> map.put(part.path(), part.sha256()));
        return map;
    }

    private static Part part(String line) {
        var columns = line.split(" {2}", 2);
        if (columns.length != 2) {
            throw new IllegalArgumentException("This is no line of a manifest: \"" + line + "\".");
        }
        return new Part(columns[1], columns[0]);
    }
}
