package notchbook.core.coverage;

import java.util.List;
import java.util.Optional;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.SyllabusNode;

/**
 * One topic of the coverage: its share of the marks (0 to 1), its points in force, everything notched in it in order
 * of days, and where it stands. {@code paperShare} is the latest paper mark on it, {@code rating} the latest own rating.
 */
public record TopicCoverage(
        SyllabusNode topic,
        double weight,
        List<PointCoverage> points,
        List<Evidence> evidence,
        Optional<WeekRange> plan,
        Optional<Double> paperShare,
        Optional<Integer> rating,
        Optional<Sureness> sureness,
        Optional<Revisit> revisit,
        Standing standing) {

    public List<PointCoverage> barePoints() {
        return points.stream().filter(point -> !point.isCovered()).toList();
    }

    public double bareWeight() {
        return barePoints().stream().mapToDouble(PointCoverage::weight).sum();
    }
}
