package notchbook.core.coverage;

/** Where a topic stands (docs/rules.md, Where a topic stands). */
public sealed interface Standing {
    /** As the student reads it. */
    String words();

    /** Nothing in it, and its plan lies wholly ahead. */
    record Planned() implements Standing {
        @Override
        public String words() {
            return "Planned";
        }
    }

    /** Nothing in it, and the plan takes in this week. */
    record ThisWeek() implements Standing {
        @Override
        public String words() {
            return "This week";
        }
    }

    record NothingYet() implements Standing {
        @Override
        public String words() {
            return "Nothing yet";
        }
    }

    record ThisWeekBare(int bare) implements Standing {
        @Override
        public String words() {
            return "This week, " + bare + " bare";
        }
    }

    record LateBare(int bare) implements Standing {
        @Override
        public String words() {
            return "Late, " + bare + " bare";
        }
    }

    record Bare(int bare) implements Standing {
        @Override
        public String words() {
            return bare == 1 ? "1 point bare" : bare + " points bare";
        }
    }

    /** All covered, but the latest paper mark or own rating is weak. */
    record Shaky() implements Standing {
        @Override
        public String words() {
            return "Shaky";
        }
    }

    /** All covered, but its revisit is overdue; {@code weeks} are teaching weeks since it was last seen. */
    record NotSeen(int weeks) implements Standing {
        @Override
        public String words() {
            return weeks == 1 ? "Not seen 1 week" : "Not seen " + weeks + " weeks";
        }
    }

    record OneKindOnly() implements Standing {
        @Override
        public String words() {
            return "One kind only";
        }
    }

    record Solid() implements Standing {
        @Override
        public String words() {
            return "Solid";
        }
    }
}
