package notchbook.imaging.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Objects;
import java.util.Optional;

/** What a camera wrote beside a picture: how it was held (Exif orientation, 1 to 8) and when it was taken. */
record PhotoData(int orientation, Optional<LocalDateTime> capturedAt) {
    private static final DateTimeFormatter EXIF_TIME = DateTimeFormatter.ofPattern("uuuu:MM:dd HH:mm:ss");

    /** Reads the data; a picture without any, or with broken data, is upright and of no known time. */
    static PhotoData of(byte[] file) {
        try {
            var metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            return new PhotoData(orientation(metadata), capturedAt(metadata));
        } catch (ImageProcessingException | IOException unreadable) {
            return new PhotoData(1, Optional.empty());
        }
    }

    private static int orientation(Metadata metadata) {
        return metadata.getDirectoriesOfType(ExifIFD0Directory.class).stream()
                .map(directory -> directory.getInteger(ExifIFD0Directory.TAG_ORIENTATION))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(1);
    }

    private static Optional<LocalDateTime> capturedAt(Metadata metadata) {
        return metadata.getDirectoriesOfType(ExifSubIFDDirectory.class).stream()
                .map(directory -> directory.getString(ExifSubIFDDirectory.TAG_DATETIME_ORIGINAL))
                .filter(Objects::nonNull)
                .findFirst()
                .flatMap(PhotoData::time);
    }

    private static Optional<LocalDateTime> time(String written) {
        try {
            return Optional.of(LocalDateTime.parse(written.strip(), EXIF_TIME));
        } catch (DateTimeParseException otherwiseWritten) {
            return Optional.empty();
        }
    }
}
