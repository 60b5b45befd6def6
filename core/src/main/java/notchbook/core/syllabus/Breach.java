package notchbook.core.syllabus;

/** Something in a file that has to be mended: where (line from 1, or 0 for the whole file) and what to do, as a sentence. */
public record Breach(int line, String message) {}
