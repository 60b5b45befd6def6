package notchbook.core.syllabus;

/** Which candidates a point is for: everyone, or only those entered for the extended exam. */
public enum Tier {
    CORE,
    EXTENDED;

    /** Whether a candidate entered for this tier is examined on a point of {@code pointTier}. */
    public boolean takesIn(Tier pointTier) {
        return this == EXTENDED || pointTier == CORE;
    }
}
