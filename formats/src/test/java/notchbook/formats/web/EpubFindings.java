package notchbook.formats.web;

import com.adobe.epubcheck.api.EPUBLocation;
import com.adobe.epubcheck.api.EpubCheck;
import com.adobe.epubcheck.messages.Message;
import com.adobe.epubcheck.messages.Severity;
import com.adobe.epubcheck.util.DefaultReportImpl;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** What a checker of the standard finds in a book: its warnings and errors. */
public final class EpubFindings extends DefaultReportImpl {
    private final List<String> found = new ArrayList<>();

    private EpubFindings(Path book) {
        super(book.toString());
    }

    public static List<String> of(Path book) {
        var findings = new EpubFindings(book);
        new EpubCheck(book.toFile(), findings).check();
        return findings.found.stream().distinct().limit(20).toList();
    }

    @Override
    public void message(Message message, EPUBLocation location, Object... arguments) {
        if (List.of(Severity.WARNING, Severity.ERROR, Severity.FATAL).contains(message.getSeverity())) {
            found.add(message.getID() + " " + message.getMessage(arguments) + " " + location);
        }
    }
}
