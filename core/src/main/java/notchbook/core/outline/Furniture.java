package notchbook.core.outline;

import static java.util.Locale.ROOT;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.summarizingInt;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Takes out of a document what is printed on its pages and is none of its text. */
final class Furniture {
    /** What stands on fewer pages is no running head. */
    private static final int FEWEST_HEADS = 3;

    /** Lines at the top and the bottom of a page among which heads and numbers stand. */
    private static final int EDGE = 2;

    /** Longer lines are no running heads; in letters. */
    private static final int LONGEST_HEAD = 120;

    private static final Pattern PAGE_NUMBER =
            Pattern.compile("(?i)(?:page|p\\.)\\s*\\d{1,3}(?:\\s*(?:of|/)\\s*\\d{1,3})?"
                    + "|\\d{1,3}\\s*(?:of|/)\\s*\\d{1,3}|[-–—|]\\s*\\d{1,3}\\s*[-–—|]|\\[\\d{1,3}]");

    private static final Pattern FOOT = Pattern.compile("[^\\t]+\\t\\d{1,3}");

    /** Of as many lines no more than one is the foot of a page. */
    private static final int FEW_FEET = 5;

    private static final Pattern NUMBER = Pattern.compile("\\d{1,9}");

    private static final Pattern LONE_NUMBER = Pattern.compile("\\d{1,3}");

    private static final Pattern LEADER =
            Pattern.compile("\\s*(?:(?:\\.\\s?){4,}|…{2,}|_{4,}|(?:·\\s?){4,})\\s*(?:\\d{1,3})?$");

    private static final Pattern CONTENTS = Pattern.compile("(?i)(?:table of )?contents");

    private static final Pattern CONTINUED = Pattern.compile("(?i).*\\(?\\bcont(?:inued|\\.|’d|'d)\\)?\\s*$");

    private final List<SourceLine> lines;
    private final boolean areGapsRare;
    private final Map<Integer, IntSummaryStatistics> pages;
    private final Map<Integer, String> reasons = new HashMap<>();

    private Furniture(List<SourceLine> lines) {
        this.lines = lines;
        this.areGapsRare = lines.stream().filter(SourceLine::isAfterGap).count() * 2 < lines.size();
        this.pages = IntStream.range(0, lines.size())
                .boxed()
                .collect(groupingBy(i -> lines.get(i).page(), summarizingInt(i -> i)));
    }

    /** What is left of a document, and what was taken out of it. */
    record Cleared(List<SourceLine> lines, List<LeftOut> leftOut) {}

    static Cleared clear(List<SourceLine> lines) {
        var furniture = new Furniture(lines);
        furniture.findHeads();
        furniture.findPageNumbers();
        furniture.findContents();
        furniture.findContinued();
        return furniture.cleared();
    }

    private Cleared cleared() {
        var kept = new ArrayList<SourceLine>();
        var leftOut = new ArrayList<LeftOut>();
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            var text = LEADER.matcher(line.text()).replaceFirst("").strip();
            if (text.isEmpty()) {
                reasons.putIfAbsent(i, "holds no words");
            }
            if (reasons.containsKey(i)) {
                leftOut.add(new LeftOut(line.number(), line.text(), reasons.get(i)));
            } else {
                kept.add(line.saying(text));
            }
        }
        return new Cleared(kept, leftOut);
    }

    private void findHeads() {
        var places = IntStream.range(0, lines.size())
                .filter(i -> mayBeHead(lines.get(i)))
                .boxed()
                .collect(groupingBy(i -> shape(lines.get(i).text())));
        places.values().stream()
                .filter(same -> same.size() >= FEWEST_HEADS && areHeads(same))
                .forEach(same -> same.forEach(i -> reasons.put(i, "stands on several pages")));
    }

    private static boolean mayBeHead(SourceLine line) {
        return line.text().length() <= LONGEST_HEAD
                && !LONE_NUMBER.matcher(line.text()).matches()
                && !Annotations.isAlone(line.text())
                && Markers.read(line.text())
                        .marker()
                        .filter(Furniture::bindsText)
                        .isEmpty();
    }

    /** A head may begin with the number of its page; what begins with any other marker is text. */
    private static boolean bindsText(Marker marker) {
        return !(marker instanceof Marker.Numbered numbered
                && numbered.path().size() == 1
                && numbered.close().isEmpty());
    }

    /** On pages that are known, a head stands near an edge; otherwise beside the number of a page, or it holds one. */
    private boolean areHeads(List<Integer> places) {
        if (lines.getLast().page() > 0) {
            return places.stream()
                                    .filter(this::isNearEdge)
                                    .map(i -> lines.get(i).page())
                                    .distinct()
                                    .count()
                            >= FEWEST_HEADS
                    && places.stream().allMatch(this::isNearEdge);
        }
        var texts = places.stream().map(i -> lines.get(i).text()).collect(toSet());
        var beside = places.stream()
                .filter(i -> isPageNumber(i - 1) || isPageNumber(i + 1))
                .count();
        return texts.size() == places.size() && rises(places) || beside * 3 >= places.size() * 2;
    }

    /** Whether one of the numbers in texts of one shape grows from each to the next. */
    private boolean rises(List<Integer> places) {
        var numbers = places.stream().map(i -> numbersIn(lines.get(i).text())).toList();
        return IntStream.range(0, numbers.getFirst().size()).anyMatch(at -> IntStream.range(1, numbers.size())
                .allMatch(i -> numbers.get(i - 1).get(at) < numbers.get(i).get(at)));
    }

    private static List<Integer> numbersIn(String text) {
        return NUMBER.matcher(text)
                .results()
                .map(found -> Integer.parseInt(found.group()))
                .toList();
    }

    private boolean isPageNumber(int place) {
        return place >= 0
                && place < lines.size()
                && (LONE_NUMBER.matcher(lines.get(place).text()).matches()
                        || PAGE_NUMBER.matcher(lines.get(place).text()).matches());
    }

    private boolean isNearEdge(int place) {
        var page = pages.get(lines.get(place).page());
        return place < page.getMin() + EDGE || place > page.getMax() - EDGE;
    }

    private void findPageNumbers() {
        findFeet();
        for (var i = 0; i < lines.size(); i++) {
            var text = lines.get(i).text();
            if (PAGE_NUMBER.matcher(text).matches() || LONE_NUMBER.matcher(text).matches() && isLonePageNumber(i)) {
                reasons.put(i, "the number of a page");
            }
        }
    }

    /** Words without a number of their own and, far from them, that of a page; where lines with numbers have none at their end. */
    private void findFeet() {
        var ends = IntStream.range(0, lines.size())
                .filter(i -> FOOT.matcher(lines.get(i).text()).matches())
                .boxed()
                .toList();
        var areFeet = ends.stream()
                .allMatch(i -> Markers.read(lines.get(i).text()).marker().isEmpty()
                        && !Cells.isHeading(lines.get(i).text()));
        if (areFeet && ends.size() * FEW_FEET <= lines.size()) {
            ends.forEach(i -> reasons.put(i, "stands at the foot of a page"));
        }
    }

    /** A number on a line of its own may also be that of the topic on the next one. */
    private boolean isLonePageNumber(int place) {
        if (lines.getLast().page() > 0) {
            var page = lines.get(place).page();
            var isLast = place + 1 == lines.size() || lines.get(place + 1).page() != page;
            var isFirst = place == 0 || lines.get(place - 1).page() != page;
            return isLast
                    || isFirst
                    || isHead(place - 1) && isNearEdge(place)
                    || isHead(place + 1) && isNearEdge(place);
        }
        return isHead(place - 1) || isHead(place + 1) || place + 1 == lines.size() || standsAlone(place);
    }

    /** Between empty lines, where most lines are not. */
    private boolean standsAlone(int place) {
        var gaps = lines.stream().filter(SourceLine::isAfterGap).count();
        return gaps * 2 < lines.size()
                && lines.get(place).isAfterGap()
                && lines.get(place + 1).isAfterGap();
    }

    private boolean isHead(int place) {
        return reasons.containsKey(place);
    }

    /** A list of contents says the same as the document after it; one that stands alone is the syllabus. */
    private void findContents() {
        var listed = listed();
        if (listed.isEmpty()) {
            return;
        }
        var elsewhere = IntStream.range(0, lines.size())
                .filter(i -> !listed.contains(i))
                .mapToObj(i -> shape(lines.get(i).text()))
                .collect(toSet());
        var again =
                listed.stream().filter(i -> elsewhere.contains(shape(entry(i)))).count();
        if (again * 2 >= listed.size()) {
            listed.forEach(i -> reasons.put(i, "stands in the list of contents"));
        }
        IntStream.range(0, lines.size())
                .filter(i -> CONTENTS.matcher(lines.get(i).text()).matches())
                .forEach(i -> reasons.put(i, "stands over the list of contents"));
    }

    private Set<Integer> listed() {
        var listed = new HashSet<Integer>();
        var isUnderContents = false;
        for (var i = 0; i < lines.size(); i++) {
            var text = lines.get(i).text();
            isUnderContents = CONTENTS.matcher(text).matches() || isUnderContents && text.matches(".*\\D\\s\\d{1,3}");
            if (LEADER.matcher(text).find()
                    || isUnderContents && !CONTENTS.matcher(text).matches()) {
                listed.add(i);
            }
        }
        return listed;
    }

    private String entry(int place) {
        return LEADER.matcher(lines.get(place).text()).replaceFirst("").replaceFirst("\\s+\\d{1,3}$", "");
    }

    private void findContinued() {
        for (var i = 0; i < lines.size(); i++) {
            if (CONTINUED.matcher(lines.get(i).text()).matches()) {
                reasons.put(i, "says again what goes on");
            }
        }
    }

    /** Texts that differ only in their numbers and spaces have one shape. */
    private static String shape(String text) {
        return NUMBER.matcher(text.toLowerCase(ROOT))
                .replaceAll("#")
                .replaceAll("\\s+", " ")
                .strip();
    }
}
