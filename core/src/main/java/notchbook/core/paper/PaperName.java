package notchbook.core.paper;

import static java.util.stream.Collectors.joining;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** Which paper it is: year, sitting, variant and paper, each as far as there is one. */
public record PaperName(Optional<Integer> year, String sitting, String variant, String paper)
        implements Comparable<PaperName> {
    private static final Comparator<PaperName> LATEST_FIRST = Comparator.comparing(
                    (PaperName name) -> name.year().orElse(0))
            .reversed()
            .thenComparing(PaperName::sitting)
            .thenComparing(PaperName::paper)
            .thenComparing(PaperName::variant);

    public PaperName {
        sitting = sitting.strip();
        variant = variant.strip();
        paper = paper.strip();
        if (year.isEmpty() && sitting.isEmpty() && variant.isEmpty() && paper.isEmpty()) {
            throw new IllegalArgumentException("Say which paper it is: its year, sitting, variant or number.");
        }
    }

    /** As in a list, such as "2027 summer, paper 1, variant 2". */
    public String words() {
        var when = Stream.of(year.map(String::valueOf).orElse(""), sitting)
                .filter(part -> !part.isEmpty())
                .collect(joining(" "));
        return Stream.of(when, named("paper ", paper), named("variant ", variant))
                .filter(part -> !part.isEmpty())
                .collect(joining(", "));
    }

    private static String named(String what, String number) {
        var isBare = !number.isEmpty() && Character.isDigit(number.charAt(0));
        return isBare ? what + number : number;
    }

    @Override
    public int compareTo(PaperName other) {
        return LATEST_FIRST.compare(this, other);
    }
}
