package notchbook.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Measures a running demo school over HTTP, as its student: opening a page of 100 entries; sealing a section of 40 pages
 * with 60 photos, and its copies in each form. Makes what it needs in a notebook of its own.
 */
final class ServerBench {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    static final String STUDENT = "marlo";
    private static final int ENTRIES = 100;
    private static final int PAGES = 40;
    private static final int PHOTOS = 60;
    private static final int OPENINGS = 300;
    private static final int COPIES = 5;
    private static final long LOOK_NANOS = 20_000_000;

    private final String address;
    private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    ServerBench(String address) {
        this.address = address;
    }

    void run() {
        signIn(STUDENT);
        var classId = physics().path("classId").asString();
        var notebook = begin("Bench");
        var section = UUID.randomUUID();
        put("/api/sections/" + section, "{'notebookId':'%s','title':'Bench','topics':[]}".formatted(notebook));
        openPage(section);
        sealSection(notebook, classId);
    }

    /** Makes a notebook beside the student's own on physics. */
    UUID begin(String title) {
        var notebook = UUID.randomUUID();
        var book = physics();
        put(
                "/api/notebooks/" + notebook,
                "{'title':'%s','editionId':'%s','examYear':2028,'tier':'CORE','classId':'%s'}"
                        .formatted(
                                title,
                                book.path("editionId").asString(),
                                book.path("classId").asString()));
        return notebook;
    }

    private JsonNode physics() {
        return first(get("/api/notebooks"), "title", "Physics: waves");
    }

    private void openPage(UUID section) {
        var page = page(section, "A hundred entries");
        for (var i = 0; i < ENTRIES; i++) {
            typed(
                    page,
                    "Entry " + i + ": "
                            + "the sound goes there and back, so the distance is half of speed times time. ".repeat(5));
        }
        var times = new double[OPENINGS];
        for (var i = 0; i < OPENINGS; i++) {
            times[i] = millis(() -> get("/api/pages/" + page));
        }
        Arrays.sort(times);
        System.out.printf(
                "page of %d entries over HTTP: median %.1f ms, 95th percentile %.1f ms%n",
                ENTRIES, times[OPENINGS / 2], times[OPENINGS * 95 / 100]);
    }

    private void sealSection(UUID notebook, String classId) {
        var photos = new ArrayList<UUID>();
        var pictures = get("/api/notebooks")
                .valueStream()
                .flatMap(book -> photosOf(book.path("id").asString()).stream())
                .distinct()
                .limit(10)
                .toList();
        var section = UUID.randomUUID();
        put("/api/sections/" + section, "{'notebookId':'%s','title':'Forty pages','topics':[]}".formatted(notebook));
        for (var p = 0; p < PAGES; p++) {
            var page = page(section, "Page " + p);
            typed(page, "What we saw. ".repeat(60));
            for (var i = p * PHOTOS / PAGES; i < (p + 1) * PHOTOS / PAGES; i++) {
                photos.add(entry(page, "PHOTO", "{}", ",'mediaId':'" + pictures.get(i % pictures.size()) + "'"));
            }
        }
        var work = get("/api/hand-ins")
                .valueStream()
                .map(one -> one.path("setWork"))
                .filter(one -> one.path("title").asString().equals("Ray diagrams"))
                .findFirst()
                .orElseThrow();
        var id = UUID.randomUUID();
        var seal = millis(() -> put(
                "/api/hand-ins/" + id,
                "{'picked':{'section':'%s','pages':[]},'setWorkId':'%s','purpose':'HAND_IN','with':[],'words':'','along':{'marks':false,'cues':false,'earlier':false,'lookBacks':false},'fitted':false,'withMissing':true}"
                        .formatted(section, work.path("id").asString())));
        var read = millis(() -> get("/api/hand-ins/" + id));
        System.out.printf(
                "sealing %d pages with %d photos: %.0f ms; opening it, every byte checked: %.0f ms%n",
                PAGES, photos.size(), seal, read);
        for (var form : List.of("PDF", "EPUB", "WEB", "WORD", "MARKDOWN", "PICTURES")) {
            for (var time = 1; time <= COPIES; time++) {
                System.out.printf("its copy as %s: %.0f ms%n", form, millis(() -> copy(id, form)));
            }
        }
        send(HttpRequest.newBuilder(uri("/api/hand-ins/" + id)).DELETE());
    }

    /** Wants a copy, looks for it often until it is ready, and fetches it. */
    private byte[] copy(UUID version, String form) {
        var id = UUID.randomUUID();
        put("/api/copies/" + id, "{'kind':'VERSION','of':'%s','form':'%s'}".formatted(version, form));
        while (first(get("/api/copies"), "id", id.toString())
                .path("state")
                .asString()
                .equals("WAITING")) {
            LockSupport.parkNanos(LOOK_NANOS);
        }
        var file = bytes("/api/copies/" + id + "/file");
        send(HttpRequest.newBuilder(uri("/api/copies/" + id)).DELETE());
        return file;
    }

    private ArrayList<String> photosOf(String notebook) {
        var found = new ArrayList<String>();
        get("/api/notebooks/" + notebook).path("pages").forEach(page -> get("/api/pages/"
                        + page.path("id").asString())
                .path("entries")
                .forEach(entry -> {
                    if (entry.path("kind").asString().equals("PHOTO")) {
                        found.add(entry.path("media").path("id").asString());
                    }
                }));
        return found;
    }

    void signIn(String name) {
        get("/api/me");
        send(HttpRequest.newBuilder(uri("/api/sign-in"))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString("{\"name\":\"" + name + "\",\"password\":\"paper-edge-7\"}")));
    }

    UUID page(UUID section, String title) {
        var id = UUID.randomUUID();
        put("/api/pages/" + id, "{'sectionId':'%s','title':'%s'}".formatted(section, title));
        return id;
    }

    private void typed(UUID page, String words) {
        entry(
                page,
                "TYPED",
                "{'type':'doc','content':[{'type':'paragraph','content':[{'type':'text','text':'" + words + "'}]}]}",
                "");
    }

    private UUID entry(UUID page, String kind, String content, String media) {
        var id = UUID.randomUUID();
        put(
                "/api/entries/" + id,
                "{'baseVersion':0,'pageId':'%s','kind':'%s','content':%s,'caption':'Wall','width':'HALF'%s}"
                        .formatted(page, kind, content, media));
        return id;
    }

    JsonNode get(String path) {
        return MAPPER.readTree(bytes(path));
    }

    byte[] bytes(String path) {
        return send(HttpRequest.newBuilder(uri(path)).GET()).body();
    }

    JsonNode put(String path, String json) {
        var request = HttpRequest.newBuilder(uri(path))
                .header("Content-Type", "application/json")
                .PUT(BodyPublishers.ofString(json.replace('\'', '"')));
        var body = send(request).body();
        return body.length == 0 ? MAPPER.missingNode() : MAPPER.readTree(body);
    }

    void delete(String path) {
        send(HttpRequest.newBuilder(uri(path)).DELETE());
    }

    /** Sends a file as a browser does, as a form with one part. */
    void upload(UUID media, String name, byte[] content) {
        var border = "part-" + media;
        var head = "--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"%s\"\r\n\r\n"
                .formatted(border, name);
        send(HttpRequest.newBuilder(uri("/api/media/" + media + "?cutOff=false"))
                .header("Content-Type", "multipart/form-data; boundary=" + border)
                .PUT(BodyPublishers.concat(
                        BodyPublishers.ofString(head),
                        BodyPublishers.ofByteArray(content),
                        BodyPublishers.ofString("\r\n--" + border + "--\r\n"))));
    }

    private HttpResponse<byte[]> send(HttpRequest.Builder request) {
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token.getValue()));
        try {
            var response = http.send(request.build(), BodyHandlers.ofByteArray());
            if (response.statusCode() >= 400) {
                throw new IllegalStateException(
                        response.uri() + " answered " + response.statusCode() + ": " + new String(response.body()));
            }
            return response;
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(
                    "Is the demo school running at " + address + "? Start it with ./notchbook demo.", broken);
        }
    }

    private URI uri(String path) {
        return URI.create(address + path);
    }

    static JsonNode first(JsonNode list, String field, String value) {
        return list.valueStream()
                .filter(one -> one.path(field).asString().equals(value))
                .findFirst()
                .orElseThrow();
    }

    static double millis(Supplier<?> work) {
        var began = System.nanoTime();
        work.get();
        return (System.nanoTime() - began) / 1e6;
    }
}
