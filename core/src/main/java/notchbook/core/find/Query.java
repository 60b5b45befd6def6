package notchbook.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What somebody looks for: words that must all be there, by their stems, and phrases in quotation marks whose words must
 * stand side by side. A last word that is still being typed fits every word that begins with it.
 */
public record Query(List<Term> terms, List<List<String>> phrases) {
    private static final Pattern PHRASE = Pattern.compile("\"([^\"]*)\"?|“([^”]*)”?");

    /** More words than this narrow nothing down. */
    private static final int MOST_TERMS = 12;

    /** Stems and their words share at least this many letters. */
    private static final int SHORTEST_BEGINNING = 3;

    /** A word to look for; an unfinished one fits what begins with it. */
    public record Term(String word, String stem, boolean isUnfinished) {
        boolean fits(Token token) {
            return token.stem().equals(stem) || isUnfinished && token.word().startsWith(word);
        }
    }

    public static Query parse(String typed) {
        var phrases = PHRASE.matcher(typed)
                .results()
                .map(found -> Token.of(found.group().replaceAll("[\"“”]", "")))
                .filter(tokens -> !tokens.isEmpty())
                .map(tokens -> tokens.stream().map(Token::stem).toList())
                .toList();
        var rest = PHRASE.matcher(typed).replaceAll(" ");
        var tokens = Token.of(rest);
        var terms = tokens.stream()
                .limit(MOST_TERMS)
                .map(token -> new Term(token.word(), token.stem(), token.end() == rest.length()))
                .toList();
        return new Query(terms, phrases);
    }

    public boolean isEmpty() {
        return terms.isEmpty() && phrases.isEmpty();
    }

    /** Whether a text holds every word and every phrase. */
    public boolean matches(String text) {
        var tokens = Token.of(text);
        return terms.stream().allMatch(term -> tokens.stream().anyMatch(term::fits))
                && phrases.stream().allMatch(phrase -> !placesOf(phrase, tokens).isEmpty());
    }

    /** How the words that are looked for begin, whatever their endings. */
    List<String> beginnings() {
        return Stream.concat(terms.stream().map(Term::stem), phrases.stream().map(List::getFirst))
                .map(stem -> stem.substring(0, Math.min(stem.length(), SHORTEST_BEGINNING)))
                .toList();
    }

    /** The words of a text that the query is about. */
    List<Token> found(String text) {
        var tokens = Token.of(text);
        var places = new ArrayList<Token>();
        tokens.stream()
                .filter(token -> terms.stream().anyMatch(term -> term.fits(token)))
                .forEach(places::add);
        for (var phrase : phrases) {
            placesOf(phrase, tokens).forEach(at -> places.addAll(tokens.subList(at, at + phrase.size())));
        }
        return places.stream()
                .distinct()
                .sorted((a, b) -> a.start() - b.start())
                .toList();
    }

    private static List<Integer> placesOf(List<String> phrase, List<Token> tokens) {
        return IntStream.rangeClosed(0, tokens.size() - phrase.size())
                .filter(at -> IntStream.range(0, phrase.size())
                        .allMatch(i -> tokens.get(at + i).stem().equals(phrase.get(i))))
                .boxed()
                .toList();
    }
}
