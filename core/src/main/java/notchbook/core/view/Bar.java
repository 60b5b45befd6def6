package notchbook.core.view;

/** One bar of a chart: the value that it stands for, or from and to which, how many things it is about, and how high it is. */
public record Bar(String from, String to, int count, double amount) {}
