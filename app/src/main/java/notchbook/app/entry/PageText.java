package notchbook.app.entry;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import notchbook.formats.document.DocumentJson;

/** Text of a page that is put together to be read, under ids that stay the same from time to time. */
public record PageText(UUID page) {

    /** A text of the page; {@code what} tells it from others of the page. */
    public Entry of(String what, List<Block> blocks) {
        var document = new Document(blocks);
        return new Entry(
                UUID.nameUUIDFromBytes((page + " " + what).getBytes(StandardCharsets.UTF_8)),
                EntryPlace.on(page, EntryWidth.FULL),
                EntryKind.TYPED,
                DocumentJson.write(document),
                document.isBlank(),
                Optional.empty(),
                "",
                0,
                1,
                Instant.EPOCH,
                Instant.EPOCH,
                Optional.empty(),
                Set.of());
    }

    public static Block heading(String words) {
        return new Heading(2, words(words));
    }

    /** A paragraph for each line that is not blank. */
    public static List<Block> paragraphs(String words) {
        return Arrays.stream(words.strip().split("\\R+"))
                .filter(line -> !line.isBlank())
                .<Block>map(line -> new Paragraph(words(line.strip())))
                .toList();
    }

    public static List<Inline> words(String words) {
        return List.of(new Text(words, Set.of()));
    }
}
