package notchbook.core.paper;

import java.util.UUID;

/** Marks for one question (or, without one, for all of a topic at once) and the topic that it is about. */
public record QuestionMark(String question, UUID topic, double marks, double outOf) {
    public QuestionMark {
        if (!(outOf > 0) || !(marks >= 0) || marks > outOf) {
            throw new IllegalArgumentException("%s: %s marks out of %s can't be. Give 0 to all of the marks there are."
                    .formatted(question.isEmpty() ? "A topic" : "Question " + question, plain(marks), plain(outOf)));
        }
    }

    static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
