package notchbook.imaging.photo;

import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;

/** Turns a picture as the Exif orientation (1 to 8, TIFF tag 274) says, so that it stands upright without the tag. */
final class Upright {
    private Upright() {}

    static BufferedImage turned(BufferedImage picture, int orientation) {
        if (orientation < 2 || orientation > 8) {
            return picture;
        }
        var width = picture.getWidth();
        var height = picture.getHeight();
        var isSideways = orientation >= 5;
        var type = picture.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_3BYTE_BGR;
        var upright = new BufferedImage(isSideways ? height : width, isSideways ? width : height, type);
        var canvas = upright.createGraphics();
        canvas.drawImage(picture, transform(orientation, width, height), null);
        canvas.dispose();
        return upright;
    }

    /** The matrix that takes stored pixels to upright ones, for each orientation. */
    private static AffineTransform transform(int orientation, int width, int height) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
            default -> new AffineTransform(0, -1, 1, 0, 0, width);
        };
    }
}
