package notchbook.app.handin;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryContent;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryWidth;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
import notchbook.core.notebook.Zone;
import notchbook.core.scan.PhotoSet;

/** The parts of a sealed version, as they are written down: each is one JSON document. */
final class Sealed {
    private Sealed() {}

    record Cover(String title, String student, String notebook, String edition, Instant sealedAt) {}

    /** {@code pattern} is missing in versions that were sealed before pages had one. */
    record Page(
            UUID id,
            String title,
            LocalDate day,
            Optional<Integer> week,
            Optional<Pattern> pattern,
            List<Entry> entries) {
        /** The zones of the page, each with its entries. */
        Map<Zone, List<Entry>> byZone() {
            var laid = pattern.orElse(Patterns.FREE);
            var byZone = new LinkedHashMap<Zone, List<Entry>>();
            laid.zones().forEach(zone -> byZone.put(zone, new ArrayList<>()));
            entries.forEach(
                    entry -> byZone.get(laid.zoneOf(entry.zone().orElse(""))).add(entry));
            return byZone;
        }
    }

    /** What of the student's own went along with an entry, where it was wanted. */
    record Own(List<OwnMark> marks, List<Earlier> earlier) {}

    /** A mark that the student set for themselves: its name, and the words that it stands on. */
    record OwnMark(String name, String words) {}

    /** What was typed until then; the newest comes first. */
    record Earlier(Instant savedAt, String content) {}

    /**
     * An entry with its checked content as text, the codes it is notched to and the path of its picture or sound; {@code liesOn} is the
     * page of the notebook from which a book shows it.
     */
    record Entry(
            UUID id,
            Optional<String> zone,
            Optional<UUID> beside,
            EntryKind kind,
            String content,
            String caption,
            EntryWidth width,
            List<String> codes,
            Optional<UUID> mediaId,
            Optional<String> mediaPath,
            Optional<Card> card,
            Optional<Own> own,
            Optional<UUID> liesOn) {
        /** The set of a photo entry; its pictures lie in the version too. */
        Optional<PhotoSet> photoSet() {
            return EntryContent.photoSet(kind, content);
        }
    }

    /** What a linked page said of itself when the version was sealed. */
    record Card(
            String title, String description, String site, Optional<UUID> pictureId, Optional<String> picturePath) {}

    record Reflection(String title, List<Answer> answers, List<String> chosen) {}

    /** {@code shown} are the entries of this version that stand with it; missing in versions from before work was drawn into answers. */
    record Answer(String question, String text, int words, Optional<List<UUID>> shown) {}
}
