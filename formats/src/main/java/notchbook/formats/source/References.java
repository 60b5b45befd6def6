package notchbook.formats.source;

import de.undercouch.citeproc.CSL;
import de.undercouch.citeproc.DefaultAbbreviationProvider;
import de.undercouch.citeproc.DefaultLocaleProvider;
import de.undercouch.citeproc.ItemDataProvider;
import de.undercouch.citeproc.ListItemDataProvider;
import de.undercouch.citeproc.LocaleProvider;
import de.undercouch.citeproc.csl.CSLItemData;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import notchbook.core.source.Cited;

/** Reference lists by the Citation Style Language (citationstyles.org), as plain text. */
public final class References {
    private static final String LANGUAGE = "en-GB";

    /** A style that numbers its lines leaves the room after the number to whoever sets them. */
    private static final Pattern NUMBER = Pattern.compile("^(\\d+\\.)(?=\\S)");

    private References() {}

    /** The list of some things in the order that its style asks for. */
    public static List<Reference> list(List<Cited> cited, ReferenceStyle style) {
        if (cited.isEmpty()) {
            return List.of();
        }
        try {
            var items =
                    new ListItemDataProvider(cited.stream().map(CslItems::of).toArray(CSLItemData[]::new));
            var list = csl(items, style);
            list.registerCitationItems(
                    cited.stream().map(one -> one.id().toString()).toList());
            var lines = list.makeBibliography().getEntries();
            var inOrder =
                    list.getRegisteredItems().stream().map(CSLItemData::getId).toList();
            return IntStream.range(0, lines.length)
                    .mapToObj(i -> new Reference(
                            UUID.fromString(inOrder.get(i)),
                            NUMBER.matcher(lines[i].strip()).replaceFirst("$1 "),
                            list.makeCitation(inOrder.get(i)).getFirst().getText()))
                    .toList();
        } catch (IOException shipped) {
            throw new UncheckedIOException(shipped);
        }
    }

    private static CSL csl(ItemDataProvider items, ReferenceStyle style) throws IOException {
        // Whatever locale is asked for: days of the other English come before its own ones otherwise.
        LocaleProvider locale = asked -> new DefaultLocaleProvider().retrieveLocale(LANGUAGE);
        var csl = new CSL(items, locale, new DefaultAbbreviationProvider(), style.file(), LANGUAGE);
        csl.setOutputFormat("text");
        return csl;
    }
}
