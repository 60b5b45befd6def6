package notchbook.core.view;

/** A tie from one card to another. */
public record CardTie(String from, String to) {}
