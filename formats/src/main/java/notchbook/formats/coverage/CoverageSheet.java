package notchbook.formats.coverage;

import java.util.List;
import java.util.Optional;

/**
 * Coverage as it leaves: the figures as the screen says them and a line for each point in force. Weights and paper marks
 * are shares from 0 to 1.
 */
public record CoverageSheet(String title, String subtitle, List<String> figures, List<TopicLine> topics) {

    public record TopicLine(
            String unit,
            String code,
            String title,
            double weight,
            String plan,
            Optional<Double> paper,
            String standing,
            List<PointLine> points) {}

    /** A point with the kinds of its evidence in words and how many entries there are. */
    public record PointLine(String code, String statement, double weight, String kinds, int entries) {}
}
