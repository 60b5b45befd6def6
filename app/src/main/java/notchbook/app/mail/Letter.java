package notchbook.app.mail;

/** A mail to one address, in plain words. */
public record Letter(String to, String subject, String words) {}
