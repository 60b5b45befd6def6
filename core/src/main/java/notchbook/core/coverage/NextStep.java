package notchbook.core.coverage;

import notchbook.core.syllabus.SyllabusNode;

/** A topic to cover or to look at again next, with the reason in words and the share of the marks at stake (0 to 1). */
public record NextStep(SyllabusNode topic, String reason, double weight) {}
