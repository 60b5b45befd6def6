package notchbook.core.scan;

import java.math.BigInteger;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** A file's name as people order it: its runs of digits as numbers, so that page 9 comes before page 10. */
record NaturalName(List<Part> parts) implements Comparable<NaturalName> {
    private static final Pattern PARTS = Pattern.compile("\\d+|\\D+");

    /** A number, or the letters between numbers in small letters. */
    record Part(String letters, BigInteger number) {
        static final BigInteger NONE = BigInteger.ONE.negate();
    }

    static NaturalName of(String fileName) {
        var dot = fileName.lastIndexOf('.');
        var name = dot > 0 ? fileName.substring(0, dot) : fileName;
        return new NaturalName(PARTS.matcher(name)
                .results()
                .map(found -> Character.isDigit(found.group().charAt(0))
                        ? new Part("", new BigInteger(found.group()))
                        : new Part(found.group().toLowerCase(Locale.ROOT), Part.NONE))
                .toList());
    }

    /** The name itself where it holds a number that can count. */
    Optional<NaturalName> number() {
        return parts.stream().anyMatch(part -> !part.number().equals(Part.NONE)) ? Optional.of(this) : Optional.empty();
    }

    @Override
    public int compareTo(NaturalName other) {
        for (var i = 0; i < Math.min(parts.size(), other.parts.size()); i++) {
            var compared = Comparator.comparing(Part::number)
                    .thenComparing(Part::letters)
                    .compare(parts.get(i), other.parts.get(i));
            if (compared != 0) {
                return compared;
            }
        }
        return Integer.compare(parts.size(), other.parts.size());
    }
}
