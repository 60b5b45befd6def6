package notchbook.formats.syllabus;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import notchbook.formats.csv.CsvFile;

/** Which column of a table holds what, counted from 0. A code and some text are needed; the rest may be missing. */
public record SyllabusColumns(Map<SyllabusColumn, Integer> places) {
    public SyllabusColumns {
        places = Map.copyOf(places);
    }

    /** What the headings of a table say. */
    public static SyllabusColumns guess(List<String> headings) {
        var places = new EnumMap<SyllabusColumn, Integer>(SyllabusColumn.class);
        var plain = headings.stream().map(SyllabusColumns::plain).toList();
        for (var column : SyllabusColumn.values()) {
            column.names().stream()
                    .map(plain::indexOf)
                    .filter(place -> place >= 0 && !places.containsValue(place))
                    .findFirst()
                    .ifPresent(place -> places.put(column, place));
        }
        return new SyllabusColumns(places);
    }

    /** Whether the table tells enough to be read. */
    public boolean areEnough() {
        return places.containsKey(SyllabusColumn.CODE) && hasText();
    }

    boolean hasBothTexts() {
        return places.containsKey(SyllabusColumn.TITLE) && places.containsKey(SyllabusColumn.STATEMENT);
    }

    boolean has(SyllabusColumn column) {
        return places.containsKey(column);
    }

    String cell(CsvFile.Row row, SyllabusColumn column) {
        return Optional.ofNullable(places.get(column)).map(row::cell).orElse("");
    }

    private boolean hasText() {
        return places.containsKey(SyllabusColumn.TITLE) || places.containsKey(SyllabusColumn.STATEMENT);
    }

    private static String plain(String heading) {
        var words = heading.toLowerCase(Locale.ROOT)
                .replaceAll("[_(){}\\[\\]-]+", " ")
                .strip();
        return words.endsWith(" %") ? words.substring(0, words.length() - 2).strip() : words.replaceAll(" +", " ");
    }
}
