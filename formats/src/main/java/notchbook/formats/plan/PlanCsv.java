package notchbook.formats.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.csv.CsvWriter;

/**
 * A plan (scheme of work) as CSV: for each topic its code and the first and last teaching week. A last week that is
 * missing is the first one. Other columns, such as the topic's title, are passed over.
 */
public final class PlanCsv {
    private static final List<String> HEADINGS = List.of("topic", "title", "first week", "last week");

    private PlanCsv() {}

    /** What came of a file: the weeks of each topic, or every breach with its line. */
    public record Read(Map<UUID, WeekRange> plan, List<Breach> breaches) {}

    /** Reads a file whole, for a year of {@code weeks} teaching weeks; topics are found by code in {@code edition}. */
    public static Read read(CsvFile file, Edition edition, int weeks) {
        var places = new HashMap<String, Integer>();
        for (var place = 0; place < file.headings().size(); place++) {
            places.putIfAbsent(file.headings().get(place).toLowerCase(Locale.ROOT), place);
        }
        if (!places.containsKey("topic") || !places.containsKey("first week")) {
            var message = "The heading lacks topic or first week. Its columns are: " + String.join(", ", HEADINGS);
            return new Read(Map.of(), List.of(new Breach(1, message)));
        }
        var plan = new LinkedHashMap<UUID, WeekRange>();
        var breaches = new ArrayList<Breach>();
        for (var row : file.rows()) {
            try {
                var topic = topic(row.cell(places.get("topic")), edition);
                var first = row.cell(places.get("first week"));
                var last = Optional.ofNullable(places.get("last week"))
                        .map(row::cell)
                        .orElse("");
                var range = new WeekRange(week(first, weeks), week(last.isEmpty() ? first : last, weeks));
                if (plan.put(topic, range) != null) {
                    throw new IllegalArgumentException("This topic stands in the file twice. Give it one line.");
                }
            } catch (IllegalArgumentException breach) {
                breaches.add(new Breach(row.line(), breach.getMessage()));
            }
        }
        return breaches.isEmpty() ? new Read(plan, List.of()) : new Read(Map.of(), breaches);
    }

    public static byte[] write(Map<UUID, WeekRange> plan, Edition edition) {
        return CsvWriter.write(
                HEADINGS,
                edition.topics()
                        .filter(topic -> plan.containsKey(topic.id()))
                        .map(topic -> List.of(
                                topic.code(),
                                topic.title(),
                                String.valueOf(plan.get(topic.id()).first()),
                                String.valueOf(plan.get(topic.id()).last())))
                        .toList());
    }

    private static UUID topic(String code, Edition edition) {
        return edition.topics()
                .filter(topic -> topic.code().equals(code))
                .map(SyllabusNode::id)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The syllabus has no topic \"%s\" with points. Write its code as it stands there."
                                .formatted(code)));
    }

    private static int week(String text, int weeks) {
        var isNumber = text.matches("\\d{1,3}");
        if (!isNumber || Integer.parseInt(text) < 1 || Integer.parseInt(text) > weeks) {
            throw new IllegalArgumentException(
                    "\"%s\" is no teaching week. The year has the weeks 1 to %d.".formatted(text, weeks));
        }
        return Integer.parseInt(text);
    }
}
