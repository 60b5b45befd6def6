package notchbook.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;

/** A student with a session of their own who types one entry, a few words at a time. */
final class Typist {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /** One client for all: its connections are what many browsers would hold. */
    private static final HttpClient HTTP =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    private static final String SENTENCE =
            "the sound goes there and back, so the distance is half of speed times time. ";

    private final String address;
    private final UUID page;
    private final UUID entry = UUID.randomUUID();
    private String cookies;
    private String token;
    private int version;

    private Typist(String address, UUID page, String cookies, String token) {
        this.address = address;
        this.page = page;
        this.cookies = cookies;
        this.token = token;
    }

    static Typist signIn(String address, String name, UUID page) {
        var nobody = new Typist(address, page, "", "");
        nobody.take(nobody.send(nobody.request("/api/me").GET()));
        nobody.take(nobody.send(nobody.request("/api/sign-in")
                .POST(BodyPublishers.ofString("{\"name\":\"" + name + "\",\"password\":\"paper-edge-7\"}"))));
        nobody.take(nobody.send(nobody.request("/api/me").GET()));
        return nobody;
    }

    /** Whether the next change was kept. */
    boolean keep() {
        var body =
                "{\"baseVersion\":%d,\"pageId\":\"%s\",\"kind\":\"TYPED\",\"content\":%s,\"caption\":\"\",\"width\":\"FULL\",\"writer\":\"bench\"}"
                        .formatted(version, page, text(version + 10));
        var answer = send(request("/api/entries/" + entry).PUT(BodyPublishers.ofString(body)));
        if (answer.statusCode() != 200) {
            return false;
        }
        version++;
        return true;
    }

    /** Whether the last change that was kept is there. */
    boolean isThere() {
        var there = MAPPER.readTree(send(request("/api/entries/" + entry).GET()).body());
        return version == 0
                || there.path("version").asInt() == version
                        && there.path("content").equals(MAPPER.readTree(text(version + 9)));
    }

    static String text(int sentences) {
        return "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\"%s%d\"}]}]}"
                .formatted(SENTENCE.repeat(Math.min(sentences, 25)), sentences);
    }

    private HttpRequest.Builder request(String path) {
        var request = HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "application/json");
        if (!cookies.isEmpty()) {
            request.header("Cookie", cookies).header("X-XSRF-TOKEN", token);
        }
        return request;
    }

    private HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return HTTP.send(request.build(), BodyHandlers.ofString());
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException("Is the demo school running at " + address + "?", broken);
        }
    }

    /** Takes the cookies of an answer, each in the place of the one of its name. */
    private void take(HttpResponse<String> answer) {
        var now = Pattern.compile("([^=; ]+)=([^;]*)")
                .matcher(cookies)
                .results()
                .collect(Collectors.toMap(found -> found.group(1), found -> found.group(2)));
        answer.headers().allValues("Set-Cookie").forEach(set -> {
            var pair = set.split(";", 2)[0].split("=", 2);
            now.put(pair[0], pair[1]);
        });
        cookies = now.entrySet().stream()
                .filter(cookie -> !cookie.getValue().isEmpty())
                .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
        token = now.getOrDefault("XSRF-TOKEN", "");
    }
}
