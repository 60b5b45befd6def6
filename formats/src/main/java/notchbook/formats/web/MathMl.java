package notchbook.formats.web;

import java.io.IOException;
import java.io.StringWriter;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import notchbook.formats.sheet.FormulaSvg;
import org.w3c.dom.Element;
import uk.ac.ed.ph.snuggletex.SnuggleEngine;
import uk.ac.ed.ph.snuggletex.SnuggleInput;

/** A formula as MathML, which can be read aloud and grows with the letters; as a drawing where its TeX has no MathML here. */
final class MathMl {
    private static final SnuggleEngine ENGINE = new SnuggleEngine();

    /** Longer ones come from no lesson, and would take long. */
    private static final int LONGEST = 2_000;

    private MathMl() {}

    static String write(String tex, boolean isOwnLine, double widthPt) {
        var math = tex.length() > LONGEST ? "" : math(tex, isOwnLine);
        return math.isEmpty() ? FormulaSvg.write(tex, isOwnLine, widthPt) : math;
    }

    private static String math(String tex, boolean isOwnLine) {
        try {
            var session = ENGINE.createSession();
            session.parseInput(new SnuggleInput(isOwnLine ? "\\[" + tex + "\\]" : "$" + tex + "$"));
            var built = session.buildDOMSubtree();
            var isWhole = session.getErrors().isEmpty()
                    && built.getLength() == 1
                    && built.item(0) instanceof Element element
                    && element.getLocalName().equals("math");
            return isWhole ? written((Element) built.item(0), tex) : "";
        } catch (IOException | TransformerException | RuntimeException strange) {
            // TeX that it does not know is drawn instead.
            return "";
        }
    }

    private static String written(Element math, String tex) throws TransformerException {
        math.setAttribute("alttext", tex);
        var out = new StringWriter();
        var transformer = TransformerFactory.newDefaultInstance().newTransformer();
        transformer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
        transformer.transform(new DOMSource(math), new StreamResult(out));
        return out.toString();
    }
}
