package notchbook.app.collection;

import java.util.Optional;
import notchbook.app.platform.Refusal;
import notchbook.core.collection.Note;
import notchbook.formats.document.DocumentJson;
import tools.jackson.databind.JsonNode;

/** A note as a device sends it: its text, or else its words. */
final class NoteBody {
    private static final int MOST_WORDS = 4_000;
    private static final int MOST_TEXT = 40_000;

    private NoteBody() {}

    /** Refuses what is too long, and a text that no page could hold. */
    static Note read(String words, Optional<JsonNode> text) {
        return said(Optional.of(words), text).orElseThrow();
    }

    /** What is said anew; nothing where neither is there. */
    static Optional<Note> said(Optional<String> words, Optional<JsonNode> text) {
        // What is not there at all is read as a node that says so.
        return text.filter(sent -> !sent.isNull() && !sent.isMissingNode())
                .map(NoteBody::text)
                .or(() -> words.map(NoteBody::words));
    }

    private static Note text(JsonNode sent) {
        var note = Note.of(DocumentJson.read(sent));
        if (note.words().length() > MOST_TEXT) {
            throw Refusal.unfit("A note has up to 40,000 characters. Put more on a page.");
        }
        return note;
    }

    private static Note words(String words) {
        if (words.length() > MOST_WORDS) {
            throw Refusal.unfit("What is said beside a thing has up to 4,000 characters.");
        }
        return Note.of(words);
    }
}
