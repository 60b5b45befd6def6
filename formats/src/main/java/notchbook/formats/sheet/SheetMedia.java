package notchbook.formats.sheet;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SectionSheet.Photo;

/** The files that pages refer to, each under a name of its own in the folder "media"; they are found while pages are written. */
public final class SheetMedia {
    private static final Map<String, String> ENDINGS = Map.of("image/jpeg", "jpg", "image/png", "png");

    /** What lies in the folder: bytes of a picture, or a file that is copied. */
    public sealed interface Part {
        String path();

        String type();
    }

    public record Picture(String path, String type, byte[] content) implements Part {}

    public record Copied(String path, String type, MediaFile file) implements Part {}

    private final List<Part> parts = new ArrayList<>();
    private final Map<String, Optional<Copied>> files = new LinkedHashMap<>();
    private final Function<MediaFile, Optional<MediaFile>> taking;
    private final There there;

    private SheetMedia(Function<MediaFile, Optional<MediaFile>> taking, There there) {
        this.taking = taking;
        this.there = there;
    }

    /** {@code taking} says as what a file goes along, if it does. */
    public SheetMedia(Function<MediaFile, Optional<MediaFile>> taking) {
        this(taking, There.NOTHING);
    }

    /** Every file goes along as it is. */
    public static SheetMedia withAll() {
        return new SheetMedia(Optional::of);
    }

    /** What lies beside the pages already is referred to there; all else goes along as it is. */
    public static SheetMedia beside(There there) {
        return new SheetMedia(Optional::of, there);
    }

    /** Where contents lie beside the pages already. */
    public interface There {
        There NOTHING = new There() {
            @Override
            public Optional<String> picture(Photo photo) {
                return Optional.empty();
            }

            @Override
            public Optional<String> file(MediaFile file) {
                return Optional.empty();
            }
        };

        Optional<String> picture(Photo photo);

        Optional<String> file(MediaFile file);
    }

    public String picture(Photo photo) {
        return there.picture(photo).orElseGet(() -> added(photo));
    }

    private String added(Photo photo) {
        var path = "media/picture-%03d.%s".formatted(parts.size() + 1, ENDINGS.getOrDefault(photo.type(), "jpg"));
        parts.add(new Picture(path, photo.type(), photo.bytes()));
        return path;
    }

    /** A drawing as SVG. */
    public String drawing(String svg) {
        var path = "media/drawing-%03d.svg".formatted(parts.size() + 1);
        parts.add(new Picture(path, "image/svg+xml", svg.getBytes(UTF_8)));
        return path;
    }

    /** Where a file lies; nowhere when it does not go along. */
    public Optional<String> file(MediaFile file) {
        var lying = there.file(file);
        if (lying.isPresent()) {
            return lying;
        }
        return files.computeIfAbsent(file.name(), name -> taking.apply(file).map(this::copied))
                .map(Copied::path);
    }

    public List<Part> parts() {
        return List.copyOf(parts);
    }

    /** Letters and digits that every file system and every reader takes. */
    private Copied copied(MediaFile file) {
        var name = file.name().replaceAll("[^A-Za-z0-9.]+", "-");
        var copied = new Copied("media/%03d-%s".formatted(parts.size() + 1, name), file.type(), file);
        parts.add(copied);
        return copied;
    }
}
