package notchbook.core.gather;

import static java.util.Map.entry;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.gather.Column.Part;

/**
 * What the columns of a table most likely are, to be looked at before it is taken in (docs/rules.md, Gathering): by the name of the
 * column first, then by a detail of that name, then by what its cells hold. Where no column is called a name, the first one with words
 * becomes the name.
 */
public final class ColumnGuess {
    private static final Map<String, Part> NAMES = Map.ofEntries(
            entry("name", Part.NAME),
            entry("title", Part.NAME),
            entry("thing", Part.NAME),
            entry("address", Part.ADDRESS),
            entry("link", Part.ADDRESS),
            entry("url", Part.ADDRESS),
            entry("web address", Part.ADDRESS),
            entry("why", Part.WHY),
            entry("why i kept it", Part.WHY),
            entry("note", Part.NOTE),
            entry("notes", Part.NOTE),
            entry("description", Part.NOTE),
            entry("heading", Part.HEADING),
            entry("folder", Part.HEADING));

    private static final Pattern WITH_UNIT = Pattern.compile("(.*\\S)\\s*[(\\[]([^)\\]]{1,20})[)\\]]");

    /** With so few different values, and each of them used twice at least on average, a detail is one of a list. */
    private static final int FEW = 12;

    private static final int LONGEST_NAME = 60;

    private ColumnGuess() {}

    /**
     * A guess for each column.
     *
     * @param rows the cells below the headings; a short row lacks its last ones
     * @param details those that the collection has
     * @param newDetail makes a detail of the collection's that is not there yet
     */
    public static List<Column> of(
            List<String> headings, List<List<String>> rows, List<Detail> details, Function<Wish, Detail> newDetail) {
        var taken = new HashSet<Column>();
        var guessed = IntStream.range(0, headings.size())
                .mapToObj(at -> guess(headings.get(at), cells(rows, at), details, newDetail))
                .map(column -> taken.add(column) ? column : new Column.LeftOut())
                .toList();
        return taken.contains(new Column.Of(Part.NAME)) ? guessed : named(guessed);
    }

    /** A detail that is to be made. */
    public record Wish(String name, DetailKind kind, String unit) {}

    private static Column guess(
            String heading, List<String> cells, List<Detail> details, Function<Wish, Detail> newDetail) {
        var name = heading.strip();
        var part = Optional.ofNullable(NAMES.get(name.toLowerCase(Locale.ROOT)));
        if (part.isPresent()) {
            return new Column.Of(part.get());
        }
        if (cells.isEmpty()) {
            return new Column.LeftOut();
        }
        var wish = wish(name.isEmpty() ? "Column" : name, cells);
        return new Column.As(details.stream()
                .filter(detail -> detail.name().equalsIgnoreCase(wish.name()))
                .findFirst()
                .orElseGet(() -> newDetail.apply(wish)));
    }

    private static Wish wish(String heading, List<String> cells) {
        var withUnit = WITH_UNIT.matcher(heading);
        var isMeasured = withUnit.matches() && all(cells, DetailKind.NUMBER);
        var name = isMeasured ? withUnit.group(1) : heading;
        var cut = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
        return new Wish(cut, kind(cells), isMeasured ? withUnit.group(2) : "");
    }

    private static DetailKind kind(List<String> cells) {
        if (all(cells, DetailKind.YES_OR_NO)) {
            return DetailKind.YES_OR_NO;
        }
        if (all(cells, DetailKind.NUMBER)) {
            return DetailKind.NUMBER;
        }
        if (all(cells, DetailKind.DAY)) {
            return DetailKind.DAY;
        }
        var different = new HashSet<>(cells).size();
        return different <= FEW && 2 * different <= cells.size() ? DetailKind.ONE_OF : DetailKind.WORDS;
    }

    private static boolean all(List<String> cells, DetailKind kind) {
        return cells.stream().allMatch(cell -> kind.read(cell).isPresent());
    }

    private static List<String> cells(List<List<String>> rows, int at) {
        return rows.stream()
                .filter(row -> at < row.size())
                .map(row -> row.get(at).strip())
                .filter(cell -> !cell.isEmpty())
                .toList();
    }

    private static List<Column> named(List<Column> guessed) {
        var name = IntStream.range(0, guessed.size())
                .filter(at ->
                        guessed.get(at) instanceof Column.As as && as.detail().kind() == DetailKind.WORDS)
                .findFirst();
        return IntStream.range(0, guessed.size())
                .mapToObj(at -> name.isPresent() && name.getAsInt() == at ? new Column.Of(Part.NAME) : guessed.get(at))
                .toList();
    }
}
