package notchbook.imaging.photo;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Pictures for tests: a red corner at the top left of a grey field, and Exif data as a camera writes it. */
final class Pictures {
    private Pictures() {}

    static byte[] encoded(String format, int width, int height) throws IOException {
        var picture = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setColor(Color.GRAY);
        canvas.fillRect(0, 0, width, height);
        canvas.setColor(Color.RED);
        canvas.fillRect(0, 0, width / 4, height / 4);
        canvas.dispose();
        var out = new ByteArrayOutputStream();
        ImageIO.write(picture, format, out);
        return out.toByteArray();
    }

    /** A JPEG with an Exif segment: orientation, time taken, and a place (GPS latitude reference "N"). */
    static byte[] withExif(byte[] jpeg, int orientation) {
        var tiff = ByteBuffer.allocate(140);
        tiff.put("MM\0*".getBytes()).putInt(8);
        tiff.putShort((short) 3);
        entry(tiff, 0x0112, 3, 1, orientation << 16);
        entry(tiff, 0x8769, 4, 1, 60);
        entry(tiff, 0x8825, 4, 1, 100);
        tiff.putInt(0);
        tiff.position(60).putShort((short) 1);
        entry(tiff, 0x9003, 2, 20, 80);
        tiff.position(80).put("2026:11:24 10:42:07\0".getBytes());
        tiff.position(100).putShort((short) 1);
        entry(tiff, 0x0001, 2, 2, 'N' << 24);
        var length = 2 + 6 + tiff.capacity();
        return ByteBuffer.allocate(jpeg.length + 2 + length)
                .put(jpeg, 0, 2)
                .putShort((short) 0xFFE1)
                .putShort((short) length)
                .put("Exif\0\0".getBytes())
                .put(tiff.array())
                .put(jpeg, 2, jpeg.length - 2)
                .array();
    }

    /** The header of a PNG that claims a size, with no pixels behind it: a picture bomb. */
    static byte[] pngClaiming(int width, int height) {
        var header = ByteBuffer.allocate(17)
                .put("IHDR".getBytes())
                .putInt(width)
                .putInt(height)
                .put(new byte[] {8, 2, 0, 0, 0})
                .array();
        var crc = new CRC32();
        crc.update(header);
        return ByteBuffer.allocate(33)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10})
                .putInt(13)
                .put(header)
                .putInt((int) crc.getValue())
                .array();
    }

    private static void entry(ByteBuffer tiff, int tag, int type, int count, int value) {
        tiff.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }
}
