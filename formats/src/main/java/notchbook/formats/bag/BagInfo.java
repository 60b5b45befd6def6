package notchbook.formats.bag;

import static java.util.stream.Collectors.joining;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What a bag says of itself, as labels with a line each ({@code bag-info.txt}). */
public record BagInfo(Map<String, String> lines) {
    public Optional<String> get(String label) {
        return Optional.ofNullable(lines.get(label));
    }

    BagInfo with(String label, String value) {
        var more = new LinkedHashMap<>(lines);
        more.put(label, value);
        return new BagInfo(more);
    }

    String text() {
        return lines.entrySet().stream()
                .map(line -> line.getKey() + ": " + line.getValue().replaceAll("\\s+", " ") + "\n")
                .collect(joining());
    }

    /** Lines that begin with a blank go on with the one before. */
    static BagInfo parse(String text) {
        var lines = new LinkedHashMap<String, String>();
        for (var line : text.replaceAll("\\R[ \\t]+", " ").lines().toList()) {
            var colon = line.indexOf(':');
            if (colon > 0) {
                lines.put(
                        line.substring(0, colon).strip(),
                        line.substring(colon + 1).strip());
            }
        }
        return new BagInfo(lines);
    }
}
