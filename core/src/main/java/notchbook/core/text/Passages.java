package notchbook.core.text;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Text;

/** The passages of a text that something refers to, in reading order, each with its words. */
public record Passages(Map<UUID, String> words) {
    public static Passages of(Document document) {
        var found = new LinkedHashMap<UUID, String>();
        for (var line : document.lines()) {
            passages(line)
                    .forEach(passage -> found.merge(
                            passage.id(),
                            String.join(" … ", line.spans(passage::equals)),
                            (before, more) -> before + "\n" + more));
        }
        return new Passages(found);
    }

    private static Stream<Passage> passages(TextLine line) {
        return line.content().stream()
                .flatMap(part -> part instanceof Text text ? text.marks().stream() : Stream.of())
                .filter(Passage.class::isInstance)
                .map(Passage.class::cast)
                .distinct();
    }

    public Optional<String> find(UUID id) {
        return Optional.ofNullable(words.get(id));
    }
}
