package notchbook.formats.layer;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import java.io.IOException;
import java.io.StringReader;
import notchbook.core.layer.Layer;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;

/** A layer as vectors of a PDF; its words become outlines. */
public final class LayerPdf {
    private LayerPdf() {}

    /** A form of {@code width} × {@code height} pt that is laid over the picture. */
    public static PDFormXObject form(PDDocument document, Layer layer, float width, float height) throws IOException {
        var canvas = new PdfBoxGraphics2D(document, width, height);
        canvas.scale(width / layer.width(), height / layer.height());
        drawn(layer).paint(canvas);
        canvas.dispose();
        return canvas.getXFormObject();
    }

    private static GraphicsNode drawn(Layer layer) throws IOException {
        var svg =
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" font-family=\"sans-serif\">%s</svg>"
                        .formatted(layer.width(), layer.height(), LayerSvg.write(layer));
        var parsed = new SAXSVGDocumentFactory(null).createSVGDocument("", new StringReader(svg));
        return new GVTBuilder().build(new BridgeContext(new UserAgentAdapter()), parsed);
    }
}
