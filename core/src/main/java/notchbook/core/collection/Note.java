package notchbook.core.collection;

import java.util.Optional;
import notchbook.core.text.Document;

/** What is said beside a thing, or what a note holds: words alone, or a text as on a page, whose words they then are. */
public record Note(String words, Optional<Document> text) {
    public static Note of(String words) {
        return new Note(words, Optional.empty());
    }

    public static Note of(Document text) {
        return new Note(text.plainText(), Optional.of(text));
    }
}
