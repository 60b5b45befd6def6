package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The front end's client is generated from web/openapi.json, so that file has to be what the code says. */
class ApiDescriptionTest extends AppTest {
    private static final Path KEPT = Path.of("../web/openapi.json");
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void isTheOneThatTheFrontEndIsBuiltFrom() throws IOException {
        var described = MAPPER.writeValueAsString(MAPPER.treeToValue(
                        browser.get(school.student, "/api/openapi").json(), Object.class))
                + "\n";
        if (System.getenv("NOTCHBOOK_KEEP_API") != null) {
            Files.writeString(KEPT, described);
        }
        assertThat(Files.readString(KEPT))
                .as("Run ./notchbook api and commit web/openapi.json")
                .isEqualTo(described);
    }
}
