package notchbook.formats.source;

import static java.util.stream.Collectors.joining;

import java.text.Normalizer;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import notchbook.core.source.Cited;
import notchbook.core.source.Published;
import notchbook.core.source.SourceKind;

/** Writes references as BibTeX, with signs of its language made harmless. */
public final class BibTex {
    private static final Map<Character, String> ESCAPED = Map.of(
            '\\', "\\textbackslash{}",
            '{', "\\{",
            '}', "\\}",
            '%', "\\%",
            '#', "\\#",
            '&', "\\&",
            '_', "\\_",
            '$', "\\$",
            '^', "\\^{}",
            '~', "\\~{}");

    private BibTex() {}

    public static String write(List<Cited> all) {
        var keys = new HashSet<String>();
        return all.stream().map(cited -> entry(cited, key(cited, keys))).collect(joining("\n"));
    }

    private static String entry(Cited cited, String key) {
        var source = cited.source();
        var fields = new LinkedHashMap<String, String>();
        fields.put("title", escaped(cited.title()));
        fields.put("author", source.authors().stream().map(BibTex::author).collect(joining(" and ")));
        var published = Published.parts(source.published());
        fields.put("year", published.isEmpty() ? "" : "" + published.getFirst());
        fields.put("month", published.size() > 1 ? "" + published.get(1) : "");
        fields.put(
                switch (source.kind()) {
                    case BOOK -> "publisher";
                    case ARTICLE, NEWS -> "journal";
                    default -> "howpublished";
                },
                escaped(source.where()));
        // An address is kept as it is: programs take it as it stands, and it has no brace.
        fields.put("url", cited.address().map(BibTex::address).orElse(""));
        fields.put("urldate", source.lookedAt().map(Object::toString).orElse(""));
        return "@%s{%s,\n%s\n}\n"
                .formatted(
                        type(source.kind()),
                        key,
                        fields.entrySet().stream()
                                .filter(field -> !field.getValue().isEmpty())
                                .map(field -> "  %s = {%s}".formatted(field.getKey(), field.getValue()))
                                .collect(joining(",\n")));
    }

    private static String type(SourceKind kind) {
        return switch (kind) {
            case BOOK -> "book";
            case ARTICLE, NEWS -> "article";
            default -> "misc";
        };
    }

    /** Plain names stand in braces of their own, so that nobody takes them apart. */
    private static String author(String name) {
        return name.contains(",") ? escaped(name) : "{" + escaped(name) + "}";
    }

    private static String address(String url) {
        return url.replace("{", "%7B").replace("}", "%7D");
    }

    private static String escaped(String words) {
        var text = new StringBuilder();
        words.chars().forEach(sign -> text.append(ESCAPED.getOrDefault((char) sign, "" + (char) sign)));
        return text.toString();
    }

    private static String key(Cited cited, Set<String> taken) {
        var who = cited.source().authors().stream().findFirst().orElse(cited.title());
        var name = Normalizer.normalize(who.split("[, ]", 2)[0], Normalizer.Form.NFD)
                .replaceAll("[^A-Za-z0-9]", "")
                .toLowerCase(Locale.ROOT);
        var year =
                Published.parts(cited.source().published()).stream().findFirst().map(Object::toString);
        var base = (name.isEmpty() ? "thing" : name) + year.orElse("");
        var key = base;
        for (var more = 'b'; !taken.add(key); more++) {
            key = base + more;
        }
        return key;
    }
}
