package notchbook.core.reflection;

/** What became of an intention, as its student says. */
public enum Outcome {
    DONE("done"),
    PARTLY("done in part"),
    NOT("not done");

    private final String words;

    Outcome(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
