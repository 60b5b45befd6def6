package notchbook.core.scan;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import notchbook.core.layer.Layer;

/** Photographed pages that belong together, in order. */
public record PhotoSet(List<SetPage> pages) {
    /** An exercise book from cover to cover. */
    public static final int MOST_PAGES = 120;

    public PhotoSet {
        pages = List.copyOf(pages);
        if (pages.isEmpty() || pages.size() > MOST_PAGES) {
            throw new IllegalArgumentException("A set has 1 to 120 pages, not " + pages.size() + ". Make two sets.");
        }
        var pictures = new HashSet<>(pages.stream().map(SetPage::picture).toList());
        if (pictures.size() < pages.size()) {
            throw new IllegalArgumentException("The same picture is in this set twice. Take one of them out.");
        }
    }

    /** What can be found: the names and gists of its pages, and what is written on them. */
    public String words() {
        return pages.stream()
                .flatMap(page -> Stream.of(
                        page.name(), page.gist(), page.layer().map(Layer::words).orElse("")))
                .filter(words -> !words.isBlank())
                .collect(Collectors.joining("\n"));
    }
}
