package notchbook.app.people;

/** Somebody to be entered, with the password that they chose or were given. */
public record NewPerson(String userName, String fullName, Role role, String password) {}
