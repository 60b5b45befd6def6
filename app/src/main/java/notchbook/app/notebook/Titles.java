package notchbook.app.notebook;

import notchbook.app.platform.Refusal;

/** Titles as they are kept: stripped, there, and short enough for a line. */
final class Titles {
    private static final int LONGEST = 120;

    private Titles() {}

    static String checked(String typed) {
        var title = typed.strip();
        if (title.isEmpty() || title.length() > LONGEST) {
            throw Refusal.unfit("Give it a title of up to 120 characters.");
        }
        return title;
    }
}
