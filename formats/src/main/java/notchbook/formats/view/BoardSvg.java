package notchbook.formats.view;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import notchbook.formats.xml.Xml;

/** A board as a drawing: cards with their names, and ties with their words. Units are those of the screen. */
public final class BoardSvg {
    public static final double WIDTH = 196;

    private static final double LINE = 18;
    private static final double EDGE = 24;
    private static final int LETTERS = 26;
    private static final int MOST_LINES = 3;

    private BoardSvg() {}

    /** A card by its upper left corner; {@code below} is a line beneath its name. */
    public record Card(String id, double x, double y, String name, String below) {
        List<String> lines() {
            return wrapped(name);
        }

        double height() {
            return LINE * (lines().size() + (below.isEmpty() ? 0 : 1)) + 16;
        }

        double middleX() {
            return x + WIDTH / 2;
        }

        double middleY() {
            return y + height() / 2;
        }
    }

    public record Line(String from, String to, String words, boolean isDirected) {}

    public static String write(String title, List<Card> cards, List<Line> ties) {
        var left = least(cards, Card::x) - EDGE;
        var top = least(cards, Card::y) - EDGE;
        var right = -least(cards, card -> -card.x() - WIDTH) + EDGE;
        var bottom = -least(cards, card -> -card.y() - card.height()) + EDGE;
        var byId = cards.stream().collect(toMap(Card::id, card -> card));
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" width="%s" height="%s" font-family="sans-serif" font-size="13">
                <title>%s</title>
                <defs><marker id="end" viewBox="0 0 8 8" refX="8" refY="4" markerWidth="8" markerHeight="8" orient="auto"><path d="M0 0L8 4L0 8z" fill="#4C5A60"/></marker></defs>
                %s%s</svg>
                """.formatted(
                        number(left),
                        number(top),
                        number(right - left),
                        number(bottom - top),
                        number(right - left),
                        number(bottom - top),
                        Xml.escaped(title),
                        ties.stream().map(tie -> tie(tie, byId)).collect(joining()),
                        cards.stream().map(BoardSvg::card).collect(joining()));
    }

    private static double least(List<Card> cards, ToDoubleFunction<Card> of) {
        return cards.stream().mapToDouble(of).min().orElse(0);
    }

    private static String number(double value) {
        return "" + Math.round(value);
    }

    private static String card(Card card) {
        var lines = card.lines();
        var name = IntStream.range(0, lines.size())
                .mapToObj(i -> text(
                        card.x() + 10, card.y() + 20 + i * LINE, lines.get(i), "font-weight=\"bold\" fill=\"#17262D\""))
                .collect(joining());
        var below = card.below().isEmpty()
                ? ""
                : text(card.x() + 10, card.y() + 20 + lines.size() * LINE, card.below(), "fill=\"#4C5A60\"");
        return "<g><rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" rx=\"4\" fill=\"#FFFFFF\" stroke=\"#17262D\"/>%s%s</g>\n"
                .formatted(number(card.x()), number(card.y()), number(WIDTH), number(card.height()), name, below);
    }

    private static String text(double x, double y, String words, String look) {
        return "<text x=\"%s\" y=\"%s\" %s>%s</text>".formatted(number(x), number(y), look, Xml.escaped(words));
    }

    /** From edge to edge of two cards, its words upon it. */
    private static String tie(Line tie, Map<String, Card> cards) {
        var from = cards.get(tie.from());
        var to = cards.get(tie.to());
        if (from == null || to == null) {
            return "";
        }
        var begin = edge(from, to);
        var end = edge(to, from);
        var words = tie.words().isBlank()
                ? ""
                : text(
                        (begin[0] + end[0]) / 2,
                        (begin[1] + end[1]) / 2 - 3,
                        tie.words(),
                        "text-anchor=\"middle\" fill=\"#4C5A60\" stroke=\"#FFFFFF\" stroke-width=\"4\" paint-order=\"stroke\"");
        return "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"#4C5A60\"%s/>%s\n"
                .formatted(
                        number(begin[0]),
                        number(begin[1]),
                        number(end[0]),
                        number(end[1]),
                        tie.isDirected() ? " marker-end=\"url(#end)\"" : "",
                        words);
    }

    /** Where the way between the middles of two cards leaves the first. */
    private static double[] edge(Card from, Card to) {
        var dx = to.middleX() - from.middleX();
        var dy = to.middleY() - from.middleY();
        var share = Math.min(dx == 0 ? 1 : WIDTH / 2 / Math.abs(dx), dy == 0 ? 1 : from.height() / 2 / Math.abs(dy));
        var part = Math.min(1, share);
        return new double[] {from.middleX() + part * dx, from.middleY() + part * dy};
    }

    private static List<String> wrapped(String name) {
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        for (var word : name.split("\\s+")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > LETTERS) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ")
                    .append(word.length() > LETTERS ? word.substring(0, LETTERS - 1) + "…" : word);
        }
        lines.add(line.toString());
        return lines.size() <= MOST_LINES ? lines : List.of(lines.get(0), lines.get(1), lines.get(2) + " …");
    }
}
