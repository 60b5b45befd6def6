package notchbook.core.suggest;

import static java.util.stream.Collectors.groupingBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.find.Token;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;

/**
 * The points of a syllabus that are in force, by the stems of their statements, ranked for an entry's words by BM25.
 *
 * <p>Design (Robertson and Zaragoza, The Probabilistic Relevance Framework: BM25 and Beyond, 2009): a point is the document,
 * an entry the query. A stem weighs as much as it is rare among the points; the title of the topic counts as part of the
 * statement at {@link #TOPIC} of a stem, since "Echoes and sonar" is said of all its points (fields as in BM25F). The score
 * is set against what a point would reach if the entry held every word of it, so that long and short statements are offered
 * by the same threshold. Words that every text has are left out, and so are
 * the verbs by which syllabi ask.
 */
public final class PointIndex {
    private static final double K1 = 1.2;
    private static final double B = 0.75;
    private static final double TOPIC = 0.4;

    /** Below this share of a point's own weight an entry is about something else; see docs/benchmarks.md. */
    private static final double LEAST = 0.25;

    /** One rare word alone may be chance; a second makes it unlikely. In shares. */
    private static final double LEAST_BY_ONE_WORD = 0.38;

    /** Little words, and what syllabi ask to be done: they stand in any statement and tell nothing of it. */
    private static final Set<String> COMMON = Set.of(
            ("a an and are as at be but by for if in into is it no not of on or such that the their then there these they this "
                            + "to was will with say tell name give describe explain define state use find show relate recall identify compare discuss know "
                            + "understand draw list label outline suggest examples example uses used using from does do what when "
                            + "where which who how why has have had its than them you your we our us my me can could would about "
                            + "between both each other some more most very one two")
                    .split(" "));

    private final List<Point> points;
    private final Map<String, Double> rarity;
    private final double meanLength;

    private PointIndex(List<Point> points) {
        this.points = points;
        meanLength = points.stream().mapToDouble(Point::length).average().orElse(1);
        rarity = rarity(points);
    }

    /** How often each stem stands in a point's statement and, in part, in its topic's title. */
    private record Point(UUID id, Map<String, Double> stems) {
        double length() {
            return stems.values().stream().mapToDouble(Double::doubleValue).sum();
        }
    }

    public static PointIndex of(Edition edition, ExamChoice exam) {
        return new PointIndex(edition.points()
                .filter(point -> edition.isInForce(point, exam))
                .map(point -> point(edition, point))
                .toList());
    }

    private static Point point(Edition edition, SyllabusNode node) {
        var stems = new HashMap<String, Double>();
        stems(node.title()).forEach(token -> stems.merge(token.stem(), 1.0, Double::sum));
        edition.topicOf(node.id())
                .map(topic -> stems(topic.title()))
                .orElse(List.of())
                .forEach(token -> stems.merge(token.stem(), TOPIC, Double::sum));
        return new Point(node.id(), stems);
    }

    private static List<Token> stems(String text) {
        return Token.of(text).stream()
                .filter(token -> token.word().length() > 1 && !COMMON.contains(token.word()))
                .toList();
    }

    /** The rarer a stem is among the points, the more it tells. */
    private static Map<String, Double> rarity(List<Point> points) {
        var holding = new HashMap<String, Integer>();
        points.forEach(point -> point.stems().keySet().forEach(stem -> holding.merge(stem, 1, Integer::sum)));
        var rarity = new HashMap<String, Double>();
        holding.forEach((stem, count) -> rarity.put(stem, Math.log(1 + (points.size() - count + 0.5) / (count + 0.5))));
        return rarity;
    }

    /** The points that a text may be about, the likeliest first, but for those that are left out; at most {@code most}. */
    public List<Suggestion> suggest(String text, Set<UUID> leftOut, int most) {
        var words = words(text);
        return points.stream()
                .filter(point -> !leftOut.contains(point.id()))
                .map(point -> suggestion(point, words))
                .filter(PointIndex::isOffered)
                .sorted(Comparator.comparingDouble(Suggestion::share).reversed())
                .limit(most)
                .toList();
    }

    /** The words of a text by their stems, each as it is written first. */
    private Map<String, String> words(String text) {
        return stems(text).stream()
                .filter(token -> rarity.containsKey(token.stem()))
                .collect(groupingBy(
                        Token::stem,
                        LinkedHashMap::new,
                        Collectors.collectingAndThen(
                                Collectors.toList(),
                                tokens -> text.substring(
                                        tokens.getFirst().start(),
                                        tokens.getFirst().end()))));
    }

    private Suggestion suggestion(Point point, Map<String, String> words) {
        var reached = 0.0;
        var most = 0.0;
        var matched = new ArrayList<String>();
        for (var stem : point.stems().entrySet()) {
            var weight = weight(point, stem.getKey(), stem.getValue());
            most += weight;
            if (words.containsKey(stem.getKey())) {
                reached += weight;
                matched.add(words.get(stem.getKey()));
            }
        }
        return new Suggestion(point.id(), most == 0 ? 0 : reached / most, matched);
    }

    private double weight(Point point, String stem, double count) {
        var length = 1 - B + B * point.length() / meanLength;
        return rarity.get(stem) * count * (K1 + 1) / (count + K1 * length);
    }

    private static boolean isOffered(Suggestion suggestion) {
        return suggestion.share() >= (suggestion.words().size() > 1 ? LEAST : LEAST_BY_ONE_WORD);
    }
}
