package notchbook.core.syllabus;

/** The exam that a student sits: its year and the tier of entry. */
public record ExamChoice(int year, Tier tier) {
    boolean takesIn(SyllabusNode node) {
        return node.years().contains(year) && tier.takesIn(node.tier());
    }
}
