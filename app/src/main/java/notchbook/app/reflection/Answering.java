package notchbook.app.reflection;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.platform.Refusal;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Prompt;
import notchbook.core.text.Words;

/** What answers prompts: the sheet of a week, or looking back on one piece. There is an answer for each prompt. */
public interface Answering {
    UUID notebookId();

    List<Prompt> prompts();

    List<Answer> answers();

    /** A prompt with what is answered to it. */
    record Answered(Prompt prompt, Answer answer) {}

    default List<Answered> answered() {
        return IntStream.range(0, prompts().size())
                .mapToObj(i -> new Answered(prompts().get(i), answers().get(i)))
                .toList();
    }

    default List<String> questions() {
        return prompts().stream().map(Prompt::question).toList();
    }

    /** Refuses answers that no prompt takes. */
    default void check() {
        if (answers().size() != prompts().size()) {
            throw Refusal.unfit("There is one answer for each question.");
        }
        answered().forEach(one -> one.prompt().checked(one.answer()));
    }

    /** That what was sent does not go over what is there, with that. */
    default Refusal stale(String what) {
        return Refusal.stale(what + " Put both together and send them again.", answers());
    }

    default boolean isWritten() {
        return !answers().stream().allMatch(Answer::hasNothing);
    }

    /** All words that were typed as answers. */
    default int words() {
        return answers().stream().map(Answer::words).mapToInt(Words::count).sum();
    }

    /** The work that is drawn into the answers. */
    default Set<UUID> pieces() {
        return answers().stream().flatMap(answer -> answer.pieces().stream()).collect(toSet());
    }

    /** What was spoken or written by hand as an answer. */
    default Set<UUID> made() {
        return answers().stream().flatMap(answer -> answer.made().stream()).collect(toSet());
    }

    /** All that stands with the answers. */
    default Set<UUID> shown() {
        return Stream.concat(pieces().stream(), made().stream()).collect(toSet());
    }
}
