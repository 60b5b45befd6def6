package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is sent to any endpoint, the answer is a sentence that a student can read and never a broken server. */
class BadRequestsTest extends AppTest {
    private static final List<String> NO_BODIES = List.of("", "{", "[]", "3", "null", "'text'", "<html></html>");

    @Autowired
    private JsonMapper mapper;

    private Endpoints endpoints;
    private final List<String> wrong = new ArrayList<>();

    @BeforeEach
    void lay() {
        endpoints = new Endpoints(school, browser);
    }

    @Test
    void answerInASentenceWhenTheBodyIsNone() {
        withBodies(request -> NO_BODIES.forEach(body -> send(request, body)));
        assertThat(wrong).isEmpty();
    }

    @Test
    void answerInASentenceWhenAFieldIsMissingOrOfAnotherKind() {
        withBodies(request -> {
            for (var field : json(request.body()).propertyNames()) {
                mutants(request.body(), field).forEach(body -> send(request, body));
            }
        });
        assertThat(wrong).isEmpty();
    }

    @Test
    void answerInASentenceWhenAnAddressNamesNothing() {
        for (var row : Endpoints.MATRIX) {
            for (var id : List.of("nonsense", "00000000-0000-0000-0000-000000000000")) {
                var parts = row.getKey().replaceAll("\\{[a-zA-Z]+}", id).split(" ", 3);
                send(new Request(asker(row), parts[0], parts[1], ""), parts.length > 2 ? parts[2] : "");
            }
        }
        assertThat(wrong).isEmpty();
    }

    private record Request(Person person, String method, String path, String body) {}

    private void withBodies(Consumer<Request> act) {
        for (var row : Endpoints.MATRIX) {
            var parts = endpoints.fill(row.getKey()).split(" ", 3);
            if (parts.length == 3) {
                act.accept(new Request(asker(row), parts[0], parts[1], parts[2]));
            }
        }
    }

    /** The first who may ask. */
    private Person asker(Map.Entry<String, String> row) {
        return row.getValue().startsWith("OK") ? school.student : school.teacher;
    }

    private Stream<String> mutants(String body, String field) {
        var endless = "x".repeat(100_000);
        Stream<Consumer<ObjectNode>> changes = Stream.of(
                node -> node.remove(field),
                node -> node.putNull(field),
                node -> node.put(field, -1),
                node -> node.put(field, 1e300),
                node -> node.put(field, ""),
                node -> node.put(field, "😀 ‮ \u0000"),
                node -> node.put(field, endless),
                node -> node.putArray(field).addNull().add(7),
                node -> node.putObject(field).put("a", "b"));
        return changes.map(change -> {
            var node = json(body);
            change.accept(node);
            return mapper.writeValueAsString(node);
        });
    }

    private ObjectNode json(String body) {
        return (ObjectNode) mapper.readTree(body.replace('\'', '"'));
    }

    private void send(Request request, String body) {
        try {
            check(request, body, browser.send(request.person(), request.method(), request.path(), body));
        } catch (IllegalStateException broken) {
            wrong.add("%s %s %.120s: %s".formatted(request.method(), request.path(), body, broken.getCause()));
        }
    }

    private void check(Request request, String body, Browser.Answer answer) {
        var isSentence = answer.detail().matches("(?s)[A-Z“\"0-9].*[.!?”\"]");
        var isOurs = !answer.detail().matches("(?s).*(Exception|java\\.|JSON|SQL|null|[Cc]onvert).*");
        if (answer.status() >= 500 || answer.status() >= 400 && !(isSentence && isOurs)) {
            wrong.add("%s %s %.120s: %d “%s”"
                    .formatted(request.method(), request.path(), body, answer.status(), answer.detail()));
        }
    }
}
