package notchbook.core.outline;

import static java.util.Locale.ROOT;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import notchbook.core.syllabus.Tier;

/**
 * What a line says of itself besides its words: its weight in per cent or in marks, its tier, the exam years in which it
 * counts.
 */
record Annotations(String text, Optional<Share> share, Optional<Tier> tier, String years) {
    /** A weight as it is written; {@code isMarks} when it is out of the marks of all, not out of 100. */
    record Share(double value, boolean isMarks) {}

    private static final String NUMBER = "(?<value>\\d{1,3}(?:[.,]\\d{1,2})?)";

    private static final String PER_CENT = "\\s*(?:%|per ?cent(?: of (?:the |all )?(?:marks|exam))?)";

    private static final Pattern WEIGHT = Pattern.compile(
            "(?i)[\\s,;:–—-]*[(\\[]?\\s*(?:weight(?:ing)?|worth|share)?\\s*[:=]?\\s*(?:about |approximately |approx\\. |ca\\. )?"
                    + NUMBER + PER_CENT + "(?: of (?:the |all )?(?:marks|exam))?\\s*[)\\]]?\\s*$");

    private static final Pattern MARKS =
            Pattern.compile("(?i)[\\s,;:–—-]*[(\\[]\\s*" + NUMBER + "\\s*marks?\\s*[)\\]]\\s*$");

    /** In a point, a share belongs to the sentence unless it is set apart from it. */
    private static final Pattern SET_APART =
            Pattern.compile("(?i).*(?:[(\\[][^()\\[\\]]*[)\\]]|weight(?:ing)?\\s*[:=]?[^.]*)\\s*$");

    /** Of single letters, only H says a tier in round brackets: "(E)" may be energy. */
    private static final String TIER_NAME =
            "(?:(?i:extended|extension|higher|advanced|supplementary|core|foundation|standard)"
                    + "(?i: tier| level| content| points| material)?|HT|FT)(?i: only)?";

    private static final Pattern TIER =
            Pattern.compile("[\\s,;:–—-]*(?:\\(\\s*(?:" + TIER_NAME + "|H)\\s*\\)|\\[\\s*(?:" + TIER_NAME
                    + "|[EHCF])\\s*])\\s*$|[\\s,;:–—-]+(?:(?i:higher tier|extended|higher level)|HT)(?i: only)\\s*$");

    private static final Pattern TIER_FIRST =
            Pattern.compile("^(?:\\(" + TIER_NAME + "\\)|\\[(?:" + TIER_NAME + "|[EHCF])]|" + TIER_NAME + "\\s*:)\\s*");

    private static final Pattern TIER_ALONE = Pattern.compile("[(\\[]?" + TIER_NAME + "[)\\]]?:?");

    private static final Pattern IS_CORE =
            Pattern.compile("(?i:\\b(?:core|foundation|standard)\\b)|\\bFT\\b|\\[\\s*[CF]\\s*]");

    private static final Pattern YEARS = Pattern.compile(
            "(?i)\\s*[(\\[]\\s*(?:for )?(?:years? |exams? |examined |first exams? |examination |in force )?(?:in )?(?<from>from |since |until |up to |to )?"
                    + "(?<first>20\\d\\d)(?:\\s*(?<open>on|onwards?|-|–)(?:\\s*(?<last>20\\d\\d))?)?(?: only)?\\s*[)\\]]\\s*$");

    /** All that a line says besides its words; {@code isGroup} when others stand under it. */
    static Annotations of(String line, boolean isGroup) {
        var rest = new Rest(line);
        rest.takeAll(isGroup);
        return new Annotations(rest.text, rest.share, rest.tier, rest.years);
    }

    /** Whether a line holds nothing but a weight or a tier. */
    static boolean isAlone(String line) {
        return tierAlone(line).isPresent() || weightAlone(line).isPresent();
    }

    /** The tier that a line alone names for those that follow. */
    static Optional<Tier> tierAlone(String line) {
        return TIER_ALONE.matcher(line.strip()).matches() ? Optional.of(tier(line)) : Optional.empty();
    }

    /** The weight that a line alone gives to what stands above it. */
    static Optional<Share> weightAlone(String line) {
        var rest = new Rest(line);
        rest.takeWeight(true);
        return rest.text.isBlank() ? rest.share : Optional.empty();
    }

    private static Tier tier(String written) {
        return IS_CORE.matcher(written).find() ? Tier.CORE : Tier.EXTENDED;
    }

    /** What is left of a line while one thing after another is taken off its end. */
    private static final class Rest {
        private String text;
        private Optional<Share> share = Optional.empty();
        private Optional<Tier> tier = Optional.empty();
        private String years = "";

        Rest(String line) {
            this.text = line.strip();
        }

        void takeAll(boolean isGroup) {
            String before;
            do {
                before = text;
                takeWeight(isGroup);
                takeTier();
                takeYears();
            } while (!before.equals(text));
        }

        void takeWeight(boolean isGroup) {
            take(MARKS).ifPresent(match -> share = Optional.of(new Share(value(match), true)));
            if (isGroup || SET_APART.matcher(text).matches()) {
                take(WEIGHT).ifPresent(match -> share = Optional.of(new Share(value(match), false)));
            }
        }

        void takeTier() {
            take(TIER).ifPresent(match -> tier = Optional.of(tier(match.group())));
            var first = TIER_FIRST.matcher(text);
            if (first.find() && first.end() < text.length()) {
                tier = Optional.of(tier(first.group()));
                text = text.substring(first.end());
            }
        }

        void takeYears() {
            take(YEARS).ifPresent(match -> years = years(match));
        }

        private Optional<Matcher> take(Pattern pattern) {
            var match = pattern.matcher(text);
            if (!match.find()) {
                return Optional.empty();
            }
            text = text.substring(0, match.start()).stripTrailing();
            return Optional.of(match);
        }

        private static double value(Matcher match) {
            return Double.parseDouble(match.group("value").replace(',', '.'));
        }

        private static String years(Matcher match) {
            var first = match.group("first");
            var from =
                    Optional.ofNullable(match.group("from")).orElse("").strip().toLowerCase(ROOT);
            if (from.equals("until") || from.endsWith("to")) {
                return "-" + first;
            }
            var last = Optional.ofNullable(match.group("last"));
            return last.map(year -> first + "-" + year)
                    .orElse(match.group("open") != null || !from.isEmpty() ? first + "-" : first);
        }
    }
}
