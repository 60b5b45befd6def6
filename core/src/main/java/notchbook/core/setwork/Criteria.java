package notchbook.core.setwork;

import java.util.HashSet;
import java.util.List;
import java.util.Map;

/** By what set work is judged: criteria, each with levels from the lowest to the highest (docs/rules.md, Criteria). */
public record Criteria(List<Criterion> all) {
    public static final Criteria NONE = new Criteria(List.of());

    private static final int MOST_CRITERIA = 12;
    private static final int FEWEST_LEVELS = 2;

    /** One for each digit that chooses it, and no more than are read before choosing. */
    private static final int MOST_LEVELS = 6;

    private static final int MOST_POINTS = 100;
    private static final int LONGEST = 120;

    /** What somebody at this level has shown, and how many points it is worth. */
    public record Level(String words, int points) {
        public Level {
            if (words.isBlank() || words.length() > LONGEST || points < 0 || points > MOST_POINTS) {
                throw new IllegalArgumentException(
                        "A level says in up to 120 characters what was shown, and is worth 0 to 100 points.");
            }
        }
    }

    public record Criterion(String name, List<Level> levels) {
        public Criterion {
            levels = List.copyOf(levels);
            if (name.isBlank() || name.length() > LONGEST) {
                throw new IllegalArgumentException("A criterion has a name of up to 120 characters.");
            }
            if (levels.size() < FEWEST_LEVELS || levels.size() > MOST_LEVELS) {
                throw new IllegalArgumentException("“" + name + "” needs 2 to 6 levels.");
            }
            for (var i = 1; i < levels.size(); i++) {
                if (levels.get(i).points() <= levels.get(i - 1).points()) {
                    throw new IllegalArgumentException(
                            "Each level of “" + name + "” has to be worth more than the one before it.");
                }
            }
        }

        int most() {
            return levels.getLast().points();
        }
    }

    public Criteria {
        all = List.copyOf(all);
        if (all.size() > MOST_CRITERIA) {
            throw new IllegalArgumentException("Work is judged by up to 12 criteria.");
        }
        if (new HashSet<>(all.stream().map(Criterion::name).toList()).size() < all.size()) {
            throw new IllegalArgumentException("Two criteria have the same name. Change one of them.");
        }
    }

    /**
     * What levels come to: {@code points} of {@code most} over the criteria that a level was chosen for, {@code chosen} of
     * {@code of}. What was not judged yet counts on neither side.
     */
    public record Figures(int points, int most, int chosen, int of) {}

    /** The level chosen for each criterion, both by their place from 0 on; what is not there is left out. */
    public Figures figures(Map<Integer, Integer> chosen) {
        var points = 0;
        var most = 0;
        var count = 0;
        for (var i = 0; i < all.size(); i++) {
            var level = chosen.get(i);
            if (level != null && hasLevel(i, level)) {
                points += all.get(i).levels().get(level).points();
                most += all.get(i).most();
                count++;
            }
        }
        return new Figures(points, most, count, all.size());
    }

    /** Whether a level that was chosen by other criteria means the same place in these: only words and points differ. */
    public boolean keepsLevelsOf(Criteria before) {
        return levelCounts().equals(before.levelCounts());
    }

    private List<Integer> levelCounts() {
        return all.stream().map(criterion -> criterion.levels().size()).toList();
    }

    public boolean hasLevel(int criterion, int level) {
        return criterion >= 0
                && criterion < all.size()
                && level >= 0
                && level < all.get(criterion).levels().size();
    }
}
