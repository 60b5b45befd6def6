package notchbook.app.reflection;

import java.time.Instant;
import java.util.List;
import notchbook.core.reflection.Answer;

/** What a sheet was until somebody went on with it after a while. */
record EarlierSheet(int version, Instant savedAt, List<Answer> answers) {}
