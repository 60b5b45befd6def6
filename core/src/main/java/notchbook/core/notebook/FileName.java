package notchbook.core.notebook;

import java.util.Locale;

/** The name of a file as a student knows it: without folders, on one line, up to {@link #LONGEST} characters. */
public record FileName(String name) {
    public static final int LONGEST = 200;

    /** Reads a name as some device sent it; one that says nothing is called “File”. */
    public static FileName parse(String sent) {
        var last = sent.substring(Math.max(sent.lastIndexOf('/'), sent.lastIndexOf('\\')) + 1);
        // Marks that turn the direction of writing can make "exe.pdf" look like what it is not.
        var line =
                last.replaceAll("[\\p{Cntrl}\\p{Cf}&&[^\\u200C\\u200D]]+", " ").strip();
        if (line.isEmpty()) {
            return new FileName("File");
        }
        return new FileName(line.length() <= LONGEST ? line : shortened(line));
    }

    /** Keeps the ending, which says what the file is. */
    private static String shortened(String line) {
        var dot = line.lastIndexOf('.');
        var ending = dot > 0 && line.length() - dot <= 10 ? line.substring(dot) : "";
        return line.substring(0, LONGEST - ending.length()) + ending;
    }

    /** What stands after its last dot, in small letters; empty when nothing does. */
    public String ending() {
        var dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(dot + 1).toLowerCase(Locale.ROOT) : "";
    }
}
