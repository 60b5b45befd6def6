package notchbook.app;

import jakarta.servlet.ServletContext;
import java.util.Objects;
import notchbook.app.people.Person;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Large files on their way in, in parts, as a browser sends them (the tus protocol). */
record TusUpload(Browser browser, String address) {
    /** What announces an upload of so many bytes answers. */
    Browser.Answer announced(Person person, long bytes) {
        return browser.send(
                person,
                MockMvcRequestBuilders.post(address)
                        .header("Tus-Resumable", "1.0.0")
                        .header("Upload-Length", bytes));
    }

    /** The path of a new upload. */
    String begun(Person person, long bytes) {
        return Objects.requireNonNull(announced(person, bytes).response().getHeader("Location"));
    }

    Browser.Answer part(@Nullable Person person, String upload, long offset, byte[] content) {
        return browser.send(person, patch(upload, offset, content));
    }

    /** The path of a new upload with all of a content. */
    String whole(Person person, byte[] content) {
        var upload = begun(person, content.length);
        part(person, upload, 0, content);
        return upload;
    }

    static AbstractMockHttpServletRequestBuilder<?> patch(String upload, long offset, byte[] content) {
        return new Patch(upload)
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Offset", offset)
                .header("Content-Length", content.length)
                .contentType("application/offset+octet-stream")
                .content(content);
    }

    /** A request whose type stays as it was sent: the mock one would put the letters' encoding after it, no server does. */
    private static final class Patch extends AbstractMockHttpServletRequestBuilder<Patch> {
        Patch(String path) {
            super(HttpMethod.PATCH);
            uri(path);
        }

        @Override
        protected MockHttpServletRequest createServletRequest(ServletContext context) {
            return new MockHttpServletRequest(context) {
                @Override
                public void setCharacterEncoding(@Nullable String encoding) {}
            };
        }
    }
}
