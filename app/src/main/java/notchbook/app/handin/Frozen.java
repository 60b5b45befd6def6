package notchbook.app.handin;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import notchbook.app.platform.Refusal;

/** Work as it is sealed: its cover, its pages and reflections, and its media by path. */
record Frozen(
        Sealed.Cover cover, List<Sealed.Page> pages, List<Sealed.Reflection> reflections, Map<String, Copy> media) {
    /** The parts by the path that each has in the version. */
    Map<String, Object> parts() {
        var parts = new LinkedHashMap<String, Object>();
        parts.put("cover.json", cover);
        for (var i = 0; i < pages.size(); i++) {
            parts.put("pages/%03d.json".formatted(i + 1), pages.get(i));
        }
        for (var i = 0; i < reflections.size(); i++) {
            parts.put("reflections/%03d.json".formatted(i + 1), reflections.get(i));
        }
        return parts;
    }

    /** The page that an entry lies on. */
    UUID pageOf(UUID entryId) {
        return pages.stream()
                .filter(page ->
                        page.entries().stream().anyMatch(entry -> entry.id().equals(entryId)))
                .findFirst()
                .map(Sealed.Page::id)
                .orElseThrow(() -> Refusal.notFound("entry"));
    }
}
