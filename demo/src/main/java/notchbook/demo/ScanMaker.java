package notchbook.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.scan.Scans;
import notchbook.core.scan.PhotoSet;
import notchbook.core.scan.SetPage;
import notchbook.demo.PaperPhotos.Shot;
import notchbook.imaging.scan.Scan;
import org.springframework.stereotype.Component;

/** Photographed sheets: as sets in the notebooks, and five photos that wait on a bench. */
@Component
class ScanMaker {
    private final MediaMaker files;
    private final Media media;
    private final Scans scans;
    private final Map<String, byte[]> photos = new HashMap<>();
    private final Map<String, Scan.First> made = new HashMap<>();

    ScanMaker(MediaMaker files, Media media, Scans scans) {
        this.files = files;
        this.media = media;
        this.scans = scans;
    }

    /** The set of these lines, each {@code sheet | name of the page | gist}, below it what is written on the sheet. */
    PhotoSet set(Person owner, List<String> lines) {
        var pages = new ArrayList<SetPage>();
        for (var i = 0; i < lines.size(); i++) {
            if (!isWritten(lines.get(i))) {
                var written = lines.stream()
                        .skip(i + 1L)
                        .takeWhile(ScanMaker::isWritten)
                        .toList();
                pages.add(page(owner, lines.get(i).split(" \\| "), written));
            }
        }
        return new PhotoSet(pages);
    }

    private static boolean isWritten(String line) {
        return line.startsWith("+ ");
    }

    private SetPage page(Person owner, String[] parts, List<String> written) {
        var key = parts[0];
        var name = "IMG_" + key + ".jpg";
        var photo = photo(key, new Shot(0, 0, key.hashCode()));
        var first = made.computeIfAbsent(key, made -> Scan.of(photo));
        var picture = media.keepPage(owner.id(), name, first.page());
        var page = new SetPage(
                picture.id(),
                files.keep(owner, name, photo),
                first.recipe(),
                parts[1],
                parts.length > 2 ? parts[2] : "",
                Optional.empty());
        var widthToHeight =
                (double) picture.width().orElseThrow() / picture.height().orElseThrow();
        return page.with(LayerMaker.of(written, widthToHeight));
    }

    /** Leaves photos on a bench for a page: one sideways, one of a page that is there already, one blurred. */
    void leaveBench(Person owner, UUID pageId, String zone) {
        var bench = UUID.randomUUID();
        scans.open(owner, bench, pageId, zone, Optional.empty());
        lay(owner, bench, "IMG_0415.jpg", "tank-1", new Shot(1, 0, 15));
        lay(owner, bench, "IMG_0416.jpg", "tank-1", new Shot(0, 1.5, 16));
        lay(owner, bench, "IMG_0417.jpg", "tank-2", new Shot(0, 0, 17));
        lay(owner, bench, "IMG_0418.jpg", "handout", new Shot(0, 0, 18));
        lay(owner, bench, "IMG_0421.jpg", "tank-3", new Shot(0, 7, 21));
    }

    private void lay(Person owner, UUID bench, String name, String sheet, Shot shot) {
        var photo = files.keep(owner, name, photo(sheet, shot));
        scans.lay(owner, bench, photo, photo, Optional.empty());
    }

    private byte[] photo(String sheet, Shot shot) {
        return photos.computeIfAbsent(sheet + shot, key -> PaperPhotos.jpeg(Sheet.of(sheet), shot));
    }
}
