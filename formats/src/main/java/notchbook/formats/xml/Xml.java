package notchbook.formats.xml;

/** Text made fit to stand in XML. */
public final class Xml {
    private Xml() {}

    /** Escapes text for XML and leaves out the control characters that XML has no place for. */
    public static String escaped(String text) {
        return text.replaceAll("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]", "")
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
