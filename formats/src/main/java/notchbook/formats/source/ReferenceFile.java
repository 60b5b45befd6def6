package notchbook.formats.source;

import static java.nio.charset.StandardCharsets.UTF_8;

import de.undercouch.citeproc.bibtex.BibTeXConverter;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import notchbook.core.source.Cited;
import org.jbibtex.ParseException;
import org.jbibtex.TokenMgrException;

/** Reads references that another program wrote, as BibTeX or RIS. */
public final class ReferenceFile {
    /** What is not larger holds some 20,000 references, and is read within seconds. */
    private static final int LARGEST = 10_000_000;

    /** No field of a reference is braced deeper; the parser calls itself for each brace. */
    private static final int DEEPEST = 40;

    private static final Pattern BIBTEX = Pattern.compile("(?m)^\\s*@[A-Za-z]+\\s*[{(]");
    private static final Pattern RIS = Pattern.compile("(?m)^TY {2}- ");

    private ReferenceFile() {}

    /** Whether a file holds references, by its content. */
    public static boolean isOne(byte[] file) {
        var begin = new String(file, 0, Math.min(file.length, 20_000), UTF_8);
        return BIBTEX.matcher(begin).find() || RIS.matcher(begin).find();
    }

    /**
     * The references in a file that have a title.
     *
     * @throws IllegalArgumentException with a sentence for the sender, when it can't be read
     */
    public static List<Cited> read(byte[] file) {
        if (file.length > LARGEST) {
            throw new IllegalArgumentException("The file is larger than 10 MB. Send it in parts.");
        }
        if (depth(file) > DEEPEST) {
            throw unreadable(Optional.empty());
        }
        return cited(file).stream().filter(cited -> !cited.title().isEmpty()).toList();
    }

    private static List<Cited> cited(byte[] file) {
        var text = new String(file, UTF_8);
        if (RIS.matcher(text).find()) {
            return Ris.read(text);
        }
        try {
            var converter = new BibTeXConverter();
            return converter.toItemData(converter.loadDatabase(new ByteArrayInputStream(file))).values().stream()
                    .map(CslItems::cited)
                    .toList();
        } catch (ParseException | TokenMgrException | IndexOutOfBoundsException odd) {
            throw unreadable(Optional.of(odd));
        }
    }

    private static int depth(byte[] file) {
        var depth = 0;
        var deepest = 0;
        for (var sign : file) {
            depth = sign == '{' ? depth + 1 : sign == '}' ? Math.max(0, depth - 1) : depth;
            deepest = Math.max(deepest, depth);
        }
        return deepest;
    }

    private static IllegalArgumentException unreadable(Optional<Throwable> why) {
        return new IllegalArgumentException(
                "The references in this file can't be read. Save them as BibTeX or RIS once more and try again.",
                why.orElse(null));
    }
}
