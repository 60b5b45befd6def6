package notchbook.demo;

import static java.util.stream.Collectors.toMap;

import java.util.Map;
import notchbook.core.calendar.WeekRange;

/** When each class means to teach each topic. */
final class ClassPlans {
    private ClassPlans() {}

    /** The plan of a subject by the topics' codes, from lines {@code subject topic first-week last-week}. */
    static Map<String, WeekRange> of(String subject) {
        return Outline.text("plans.txt")
                .lines()
                .map(line -> line.split(" "))
                .filter(words -> words[0].equals(subject))
                .collect(toMap(
                        words -> words[1],
                        words -> new WeekRange(Integer.parseInt(words[2]), Integer.parseInt(words[3]))));
    }
}
