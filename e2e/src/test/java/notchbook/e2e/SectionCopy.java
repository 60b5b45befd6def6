package notchbook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.HashMap;
import java.util.Map;

/** Copies of a section, wanted and fetched as a screen does it. */
record SectionCopy(Page page, Object section) {
    private static final String MADE = """
            async (wish) => {
              const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
              const headers = { 'content-type': 'application/json', 'x-xsrf-token': decodeURIComponent(token) };
              const id = crypto.randomUUID();
              await fetch(`/api/copies/${id}`, { method: 'PUT', headers, body: JSON.stringify(wish) });
              for (;;) {
                const copy = (await (await fetch('/api/copies')).json()).find((one) => one.id === id);
                if (copy.state === 'FAILED') throw new Error(copy.words);
                if (copy.state === 'READY') return `/api/copies/${id}/file`;
                await new Promise((soon) => setTimeout(soon, 100));
              }
            }""";

    /** {@code wish} says how a PDF is wanted; for other forms it is empty. */
    byte[] as(String form, Map<String, Object> wish) {
        var all = new HashMap<>(wish);
        all.putAll(Map.of("kind", "SECTION", "of", section, "form", form));
        var answer = page.context().request().get(Stage.address() + page.evaluate(MADE, all));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }
}
