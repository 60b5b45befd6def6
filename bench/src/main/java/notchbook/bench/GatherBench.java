package notchbook.bench;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.UUID;
import java.util.concurrent.locks.LockSupport;

/** Measures how long it takes until a bookmarks file of 20,000 links in 80 folders is in a collection, from its being wanted. */
final class GatherBench {
    private static final int LINKS = 20_000;
    private static final int FOLDERS = 80;
    private static final int ROUNDS = 3;
    private static final long LOOK_NANOS = 50_000_000;

    private final ServerBench server;

    GatherBench(ServerBench server) {
        this.server = server;
    }

    void run() {
        server.signIn(ServerBench.STUDENT);
        for (var round = 0; round < ROUNDS; round++) {
            var collection = "/api/collections/" + UUID.randomUUID();
            server.put(collection, "{'title':'Bookmarks bench','purpose':''}");
            var media = UUID.randomUUID();
            server.upload(media, "bookmarks.html", bookmarks().getBytes(UTF_8));
            var look = ServerBench.millis(() -> server.get(collection + "/found-file?media=" + media));
            var gathering = collection + "/gatherings/" + UUID.randomUUID();
            var taken = ServerBench.millis(() -> {
                server.put(gathering, "{'mediaId':'%s'}".formatted(media));
                while (server.get(gathering).path("state").asString().equals("WAITING")) {
                    LockSupport.parkNanos(LOOK_NANOS);
                }
                return server.get(gathering);
            });
            var opened = ServerBench.millis(() -> server.get(collection));
            System.out.printf(
                    "%d bookmarks in %d folders: looked into in %.0f ms, %d taken in after %.0f ms, all of it read in %.0f ms%n",
                    LINKS, FOLDERS, look, server.get(gathering).path("added").asInt(), taken, opened);
            server.delete(collection);
        }
    }

    private static String bookmarks() {
        var file = new StringBuilder("<!DOCTYPE NETSCAPE-Bookmark-file-1>\n<DL><p>\n");
        for (var folder = 0; folder < FOLDERS; folder++) {
            file.append("<DT><H3>Folder %d</H3>\n<DL><p>\n".formatted(folder));
            for (var link = 0; link < LINKS / FOLDERS; link++) {
                file.append(
                        "<DT><A HREF=\"https://site-%d.example/page/%d\" ADD_DATE=\"1700000000\" ICON=\"data:image/png;base64,%s\">Page %d of %d</A>\n"
                                .formatted(folder, link, "iVBORw0KGgo".repeat(40), link, folder));
            }
            file.append("</DL><p>\n");
        }
        return file.append("</DL><p>\n").toString();
    }
}
