package notchbook.core.paper;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;

/** A run of years of papers that are alike: each year has these sittings, and each of those these papers and variants. */
public record PaperRun(int firstYear, int lastYear, List<String> sittings, List<String> papers, List<String> variants) {
    /** More than any board has set; keeps a slip of the pen from making thousands. */
    private static final int MOST = 400;

    public PaperRun {
        sittings = named(sittings);
        papers = named(papers);
        variants = named(variants);
        if (lastYear < firstYear) {
            throw new IllegalArgumentException(
                    "The years %d to %d run backwards. Put the earlier one first.".formatted(firstYear, lastYear));
        }
        if ((lastYear - firstYear + 1L)
                        * orOne(sittings).size()
                        * orOne(papers).size()
                        * orOne(variants).size()
                > MOST) {
            throw new IllegalArgumentException("This would be more than 400 papers. Choose fewer years.");
        }
    }

    /** All of them, the latest year first. */
    public List<PaperName> names() {
        return IntStream.rangeClosed(firstYear, lastYear)
                .boxed()
                .flatMap(year -> orOne(sittings).stream()
                        .flatMap(sitting -> orOne(papers).stream().flatMap(paper -> orOne(variants).stream()
                                .map(variant -> new PaperName(Optional.of(year), sitting, variant, paper)))))
                .sorted()
                .distinct()
                .toList();
    }

    /** Without those that are empty. */
    private static List<String> named(List<String> names) {
        return names.stream()
                .filter(Objects::nonNull)
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
    }

    private static List<String> orOne(List<String> names) {
        return names.isEmpty() ? List.of("") : names;
    }
}
