package notchbook.core.outline;

/** A line of the document that is none of the syllabus, with the reason in words. */
public record LeftOut(int number, String text, String reason) {}
