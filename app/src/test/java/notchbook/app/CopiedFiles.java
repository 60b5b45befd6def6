package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

/** Copies in any form, wanted and fetched as a screen does it. */
record CopiedFiles(Browser browser) {
    private static final Duration SOON = Duration.ofSeconds(60);

    MockHttpServletResponse of(Person reader, String kind, UUID of, String form) {
        var copy = wanted(reader, kind, of, form);
        assertThat(settled(reader, copy).path("state").asString()).isEqualTo("READY");
        return browser.get(reader, path(copy) + "/file").response();
    }

    UUID wanted(Person reader, String kind, UUID of, String form) {
        var copy = UUID.randomUUID();
        assertThat(want(reader, copy, kind, of, form).status()).isEqualTo(200);
        return copy;
    }

    Browser.Answer want(Person reader, UUID copy, String kind, UUID of, String form) {
        return browser.send(reader, "PUT", path(copy), "{'kind':'%s','of':'%s','form':'%s'}".formatted(kind, of, form));
    }

    /** It once nobody works on it any more. */
    JsonNode settled(Person reader, UUID copy) {
        return await().atMost(SOON)
                .until(
                        () -> browser.get(reader, "/api/copies")
                                .json()
                                .valueStream()
                                .filter(one -> one.path("id").asString().equals(copy.toString()))
                                .findFirst()
                                .orElseThrow(),
                        one -> !one.path("state").asString().equals("WAITING"));
    }

    static String path(UUID copy) {
        return "/api/copies/" + copy;
    }
}
