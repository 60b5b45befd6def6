package notchbook.imaging.photo;

import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.event.IIOReadWarningListener;

/**
 * Takes a JPEG, PNG or WebP picture in. The type is decided by content; the picture is decoded whole, turned upright and
 * encoded anew, so that nothing of the file but its pixels (no place data, no thumbnail, no comment) is kept.
 */
public final class PhotoIntake {
    /** A pixel limit that holds every phone's full picture and keeps a picture bomb out of memory. */
    static final long MOST_PIXELS = 40_000_000;

    /** The longest side of the picture shown on a page: twice the page's width, for dense screens. */
    private static final int SCREEN_SIDE = 1_400;

    /** JPEG quality at which a second encoding can't be seen. */
    private static final float FULL_QUALITY = 0.92f;

    private static final float SCREEN_QUALITY = 0.82f;

    private static final List<String> FORMATS = List.of("jpeg", "png", "webp");

    private static final Set<String> HEIC_BRANDS = Set.of("heic", "heix", "hevc", "heim", "mif1", "msf1");

    private PhotoIntake() {}

    /** Reads a file; {@link PhotoRefused} when it is no such picture, broken, cut short or larger than 40 megapixels. */
    public static Photo take(byte[] file) throws PhotoRefused {
        var data = PhotoData.of(file);
        var picture = Upright.turned(decoded(file), data.orientation());
        var isClear = picture.getColorModel().hasAlpha();
        return new Photo(
                isClear ? png(picture) : jpeg(picture, FULL_QUALITY),
                isClear ? "image/png" : "image/jpeg",
                picture.getWidth(),
                picture.getHeight(),
                jpeg(forScreen(picture), SCREEN_QUALITY),
                data.capturedAt());
    }

    /** Whether a file begins as a picture of a media type (image/jpeg or image/png) that is not too large to open. */
    public static boolean beginsAs(Path file, String type) {
        try (var in = ImageIO.createImageInputStream(file.toFile())) {
            for (var reader : (Iterable<ImageReader>) () -> ImageIO.getImageReaders(in)) {
                if (type.equals("image/" + reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    reader.setInput(in, true, true);
                    return (long) reader.getWidth(0) * reader.getHeight(0) <= MOST_PIXELS;
                }
            }
            return false;
        } catch (IOException | RuntimeException broken) {
            // The readers of pictures throw whatever they stumble over.
            return false;
        }
    }

    private static BufferedImage decoded(byte[] file) throws PhotoRefused {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            var readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                var reader = readers.next();
                if (FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    reader.setInput(in, true, true);
                    return decoded(reader);
                }
            }
            throw new PhotoRefused(
                    isHeic(file)
                            ? "This photo is in the HEIC format and can't be read here, or only in part. Send it as JPEG; a "
                                    + "phone's camera has a setting for it."
                            : "This is not a picture that can be read here. Use a JPEG, PNG or WebP file.");
        } catch (IOException
                | IllegalArgumentException
                | IndexOutOfBoundsException
                | NegativeArraySizeException broken) {
            throw new PhotoRefused("This picture is broken or only half there. Send or take it again.");
        }
    }

    /** Whether a file, of which the first 12 bytes are enough, is a HEIC photo by its brand: ISO/IEC 23008-12, in a file type box of ISO/IEC 14496-12. */
    public static boolean isHeic(byte[] file) {
        var head = new String(file, 0, Math.min(file.length, 12), StandardCharsets.ISO_8859_1);
        return head.startsWith("ftyp", 4) && HEIC_BRANDS.contains(head.substring(8));
    }

    private static BufferedImage decoded(ImageReader reader) throws IOException, PhotoRefused {
        try {
            var pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST_PIXELS) {
                throw new PhotoRefused(
                        "This picture has %d megapixels; 40 is the most. Make it smaller and send it again."
                                .formatted(Math.round(pixels / 1e6)));
            }
            var problems = new Problems();
            reader.addIIOReadWarningListener(problems);
            var picture = reader.read(0);
            if (problems.found) {
                throw new IOException("The decoder met broken data.");
            }
            return picture;
        } finally {
            reader.dispose();
        }
    }

    private static final class Problems implements IIOReadWarningListener {
        private boolean found;

        @Override
        public void warningOccurred(ImageReader source, String warning) {
            found |= warning.toLowerCase(Locale.ROOT).contains("premature")
                    || warning.toLowerCase(Locale.ROOT).contains("corrupt");
        }
    }

    private static BufferedImage forScreen(BufferedImage picture) {
        var scale = Math.min(1, SCREEN_SIDE / (double) Math.max(picture.getWidth(), picture.getHeight()));
        return drawn(
                picture, (int) Math.max(1, picture.getWidth() * scale), (int) Math.max(1, picture.getHeight() * scale));
    }

    private static BufferedImage drawn(BufferedImage picture, int width, int height) {
        var opaque = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = opaque.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        canvas.setColor(Color.WHITE);
        canvas.fillRect(0, 0, width, height);
        canvas.drawImage(picture, 0, 0, width, height, null);
        canvas.dispose();
        return opaque;
    }

    private static byte[] png(BufferedImage picture) {
        return written("png", picture, 1);
    }

    private static byte[] jpeg(BufferedImage picture, float quality) {
        var isPlain = picture.getType() == BufferedImage.TYPE_3BYTE_BGR;
        return written("jpeg", isPlain ? picture : drawn(picture, picture.getWidth(), picture.getHeight()), quality);
    }

    private static byte[] written(String format, BufferedImage picture, float quality) {
        var writer = ImageIO.getImageWritersByFormatName(format).next();
        var out = new ByteArrayOutputStream();
        try (var target = ImageIO.createImageOutputStream(out)) {
            var parameters = writer.getDefaultWriteParam();
            if (format.equals("jpeg")) {
                parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                parameters.setCompressionQuality(quality);
            }
            writer.setOutput(target);
            writer.write(null, new IIOImage(picture, null, null), parameters);
            target.flush();
            return out.toByteArray();
        } catch (IOException inMemory) {
            throw new IllegalStateException("Writing a picture to memory does not fail.", inMemory);
        } finally {
            writer.dispose();
        }
    }
}
