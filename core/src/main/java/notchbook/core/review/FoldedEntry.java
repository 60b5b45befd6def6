package notchbook.core.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.text.Document;

/**
 * An entry as review sees it: {@code text} for typed ones, else its name stands for it; {@code beside} is the passage or
 * entry that it was written next to; {@code topics} are those it is notched to.
 */
public record FoldedEntry(
        UUID id,
        String zone,
        String name,
        Optional<Document> text,
        List<Mark> marks,
        Optional<UUID> beside,
        Set<UUID> topics) {
    String words() {
        return text.map(Document::plainText).filter(words -> !words.isBlank()).orElse(name);
    }
}
