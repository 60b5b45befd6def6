package notchbook.formats.pdf;

/** Text made fit to stand in XML. */
final class Xml {
    private Xml() {}

    /** Escapes text for XML and leaves out the control characters that XML has no place for. */
    static String escaped(String text) {
        return text.replaceAll("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]", "")
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
