package notchbook.core.view;

import java.util.List;
import java.util.Optional;

/** What the numbers of a detail add up to: how many there are and how many things lack one, their sum, mean, least and most. */
public record ColumnFigures(int count, int missing, double sum, double mean, double least, double most) {

    /** Empty where no thing has a number there. */
    public static Optional<ColumnFigures> of(List<Thing> things, String detail) {
        var figures = things.stream()
                .flatMap(thing -> thing.of(detail).stream())
                .mapToDouble(Double::parseDouble)
                .summaryStatistics();
        return figures.getCount() == 0
                ? Optional.empty()
                : Optional.of(new ColumnFigures(
                        (int) figures.getCount(),
                        (int) things.stream()
                                .filter(thing -> thing.of(detail).isEmpty())
                                .count(),
                        figures.getSum(),
                        figures.getAverage(),
                        figures.getMin(),
                        figures.getMax()));
    }
}
