package notchbook.formats.pdf;

import static notchbook.formats.xml.Xml.escaped;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** An address as a code that a phone opens (ISO/IEC 18004), as a vector drawing 22 mm wide with its quiet zone. */
final class QrSvg {
    private static final int QUIET_MODULES = 4;

    private QrSvg() {}

    static String write(String address) {
        try {
            var code = new QRCodeWriter()
                    .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET_MODULES));
            var path = new StringBuilder();
            for (var y = 0; y < code.getHeight(); y++) {
                for (var x = 0; x < code.getWidth(); x++) {
                    if (code.get(x, y)) {
                        path.append("M%d %dh1v1h-1z".formatted(x, y));
                    }
                }
            }
            return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"code\" alt=\"Code that leads to %s\" style=\"width:22mm;height:22mm\" viewBox=\"0 0 %d %d\"><path fill=\"#17262D\" d=\"%s\"/></svg>"
                    .formatted(escaped(address), code.getWidth(), code.getHeight(), path);
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("This address is too long for a code: " + address, tooLong);
        }
    }
}
