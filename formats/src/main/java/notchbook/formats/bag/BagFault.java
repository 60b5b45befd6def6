package notchbook.formats.bag;

/** What is wrong with a file of a bag, in words that begin with what happened to it; {@code path} is blank where it is about the whole. */
public record BagFault(String path, String words) {}
