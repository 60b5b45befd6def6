package notchbook.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.people.Person;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.RequestBuilder;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends requests as a person (or as nobody) would, and gives the answer. */
class Browser {
    private final MockMvc mvc;
    private final JsonMapper mapper;

    Browser(MockMvc mvc, JsonMapper mapper) {
        this.mvc = mvc;
        this.mapper = mapper;
    }

    /** An answer with its body as JSON, missing when it has none. */
    record Answer(int status, JsonNode json, MockHttpServletResponse response) {
        /** What signs its device in. */
        Cookie session() {
            return Stream.of(response.getCookies())
                    .filter(cookie -> Set.of("notchbook", "SESSION").contains(cookie.getName()))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(response.getHeaders("Set-Cookie") + detail()));
        }

        String detail() {
            return json.path("detail").asString("");
        }
    }

    Answer get(@Nullable Person person, String path) {
        return send(person, "GET", path, "");
    }

    Answer send(@Nullable Person person, String method, String path, String json) {
        var request = MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.replace('\'', '"'));
        return send(person, request);
    }

    Answer upload(@Nullable Person person, UUID mediaId, String name, byte[] content) {
        var file = new MockMultipartFile("file", name, null, content);
        return send(
                person,
                MockMvcRequestBuilders.multipart(HttpMethod.PUT, "/api/media/" + mediaId)
                        .file(file));
    }

    Answer send(@Nullable Person person, AbstractMockHttpServletRequestBuilder<?> request) {
        if (person != null) {
            request.with(authentication(
                    UsernamePasswordAuthenticationToken.authenticated(person, null, AuthorityUtils.NO_AUTHORITIES)));
        }
        return answer(request.with(csrf()));
    }

    /** Sends a request as it is: no person, no CSRF token. */
    Answer answer(RequestBuilder request) {
        try {
            var response = mvc.perform(request).andReturn().getResponse();
            var isJson = response.getContentType() != null
                    && response.getContentType().contains("json");
            return new Answer(
                    response.getStatus(),
                    isJson ? mapper.readTree(response.getContentAsByteArray()) : mapper.missingNode(),
                    response);
        } catch (Exception broken) {
            throw new IllegalStateException("The request could not be sent.", broken);
        }
    }

    static List<String> texts(JsonNode list, String field) {
        return list.valueStream().map(one -> one.path(field).asString("")).toList();
    }
}
