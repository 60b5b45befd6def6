package notchbook.app.find;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.find.Excerpt;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FindController {
    /** Longer than anybody types; a text pasted in by mistake. */
    private static final int LONGEST = 300;

    private final Finder finder;
    private final WordsDue due;

    FindController(Finder finder, WordsDue due) {
        this.finder = finder;
        this.due = due;
    }

    /** An entry that holds the words, with the place of the match in its text. */
    record EntryHit(
            UUID id,
            UUID pageId,
            UUID notebookId,
            EntryKind kind,
            String name,
            List<Excerpt.Part> excerpt,
            String where,
            LocalDate day) {}

    /** A page or a section by its title; {@code path} leads there in the front end. */
    record PlaceHit(String path, String title, String where) {}

    record PointHit(UUID id, UUID notebookId, String notebook, String code, String statement) {}

    /** A teacher, or something that one said about handed-in work; {@code path} leads there in the front end. */
    record PersonHit(String path, String name, List<Excerpt.Part> said, String where) {}

    record FindView(List<PointHit> points, List<PlaceHit> places, List<EntryHit> entries, List<PersonHit> people) {}

    /** Everything of the reader's that holds all the words, each by its stem, and the phrases in quotation marks. */
    @GetMapping("/api/find")
    FindView find(@AuthenticationPrincipal Person reader, @RequestParam String words) {
        if (words.length() > LONGEST) {
            throw Refusal.unfit("Look for a few words, not for a whole text.");
        }
        due.takeUp(reader);
        return finder.find(reader, words);
    }
}
