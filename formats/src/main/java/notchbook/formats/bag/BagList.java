package notchbook.formats.bag;

import static java.util.stream.Collectors.joining;

import java.util.Locale;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Pattern;

/** A list of digests: the SHA-256 of each file by its path within the bag. */
record BagList(SortedMap<String, String> digests) {
    private static final Pattern LINE = Pattern.compile("([0-9a-fA-F]{64})[ \\t]+\\*?(.+)");

    String text() {
        return digests.entrySet().stream()
                .map(line -> line.getValue() + "  " + encoded(line.getKey()) + "\n")
                .collect(joining());
    }

    /** What is no line of a list is left out; then the file that it should have named counts as one too many. */
    static BagList parse(String text) {
        var digests = new TreeMap<String, String>();
        text.lines()
                .map(LINE::matcher)
                .filter(line -> line.matches())
                .forEach(line ->
                        digests.put(decoded(line.group(2)), line.group(1).toLowerCase(Locale.ROOT)));
        return new BagList(digests);
    }

    static BagList of(Map<String, String> digests) {
        return new BagList(new TreeMap<>(digests));
    }

    /** Only these three signs are written in another way (RFC 8493, 2.1.3). */
    private static String encoded(String path) {
        return path.replace("%", "%25").replace("\n", "%0A").replace("\r", "%0D");
    }

    private static String decoded(String path) {
        return path.replaceAll("(?i)%0a", "\n").replaceAll("(?i)%0d", "\r").replace("%25", "%");
    }
}
