package notchbook.core.coverage;

import java.util.List;
import notchbook.core.syllabus.SyllabusNode;

/** One point in force: its share of the marks (0 to 1) and the evidence notched to it, in order of days. */
public record PointCoverage(SyllabusNode point, double weight, List<Evidence> evidence) {
    public boolean isCovered() {
        return !evidence.isEmpty();
    }
}
