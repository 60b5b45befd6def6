package notchbook.app;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.core.reflection.Prompt;

/** A weekly sheet as a device sends it, to our prompts where no others are said. */
final class WeeklySheet {
    private final int baseVersion;
    private List<String> questions =
            Prompt.WEEKLY.stream().map(Prompt::question).toList();
    private final List<String> answers = new ArrayList<>();
    private String pieces = "";
    private String made = "";
    private String given = "";
    private String ratings = "";
    private String letGo = "";
    private String resolve = "";

    private WeeklySheet(int baseVersion) {
        this.baseVersion = baseVersion;
    }

    /** Made from that version of the server's, with these answers; further ones are empty. */
    static WeeklySheet over(int baseVersion, String... answers) {
        var sheet = new WeeklySheet(baseVersion);
        sheet.answers.addAll(List.of(answers));
        return sheet;
    }

    WeeklySheet to(String... asked) {
        questions = List.of(asked);
        return this;
    }

    /** Drawn into the first answer. */
    WeeklySheet drawing(UUID... entries) {
        pieces = quoted(entries);
        return this;
    }

    /** Made as the first answer. */
    WeeklySheet making(UUID... entries) {
        made = quoted(entries);
        return this;
    }

    /** Given beside the words of the first answer. */
    WeeklySheet giving(String value) {
        given = value;
        return this;
    }

    WeeklySheet rating(Object topic, int value) {
        ratings = "'%s':%d".formatted(topic, value);
        return this;
    }

    WeeklySheet lettingGo(String reason) {
        letGo = reason;
        return this;
    }

    WeeklySheet resolving(String json) {
        resolve = ",'resolve':" + json;
        return this;
    }

    WeeklySheet meaning(String next) {
        return resolving("{'about':'','next':'" + next + "'}");
    }

    String json() {
        return "{'baseVersion':%d,'questions':[%s],'answers':[%s],'ratings':{%s},'letGo':'%s'%s}"
                .formatted(
                        baseVersion,
                        questions.stream().map(one -> "'" + one + "'").collect(joining(",")),
                        IntStream.range(0, questions.size())
                                .mapToObj(this::answer)
                                .collect(joining(",")),
                        ratings,
                        letGo,
                        resolve);
    }

    private String answer(int at) {
        return "{'words':'%s','given':'%s','pieces':[%s],'made':[%s]}"
                .formatted(
                        at < answers.size() ? answers.get(at) : "",
                        at == 0 ? given : "",
                        at == 0 ? pieces : "",
                        at == 0 ? made : "");
    }

    private static String quoted(UUID... entries) {
        return Stream.of(entries).map(id -> "'" + id + "'").collect(joining(","));
    }
}
