package notchbook.formats.word;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.List;
import java.util.stream.Stream;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Said;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Text;
import org.apache.poi.xwpf.usermodel.UnderlinePatterns;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.openxmlformats.schemas.officeDocument.x2006.sharedTypes.STVerticalAlignRun;

/** What stands in a line, run by run. */
final class InlineWords {
    private InlineWords() {}

    static void add(XWPFParagraph line, List<Inline> content) {
        for (var part : content) {
            switch (part) {
                case LineBreak ignored -> line.createRun().addBreak();
                case Formula formula -> {
                    var run = line.createRun();
                    run.setText(formula.tex());
                    run.setStyle("Formula");
                }
                case Text text -> add(line, text);
            }
        }
        Paper.turn(line);
    }

    private static void add(XWPFParagraph line, Text text) {
        var run = run(line, text);
        run.setText(text.text());
        text.marks().forEach(mark -> lay(mark, run));
    }

    private static XWPFRun run(XWPFParagraph line, Text text) {
        return text.marks().stream()
                .flatMap(mark -> mark instanceof Link link ? Stream.of(link.address()) : Stream.empty())
                .findFirst()
                .map(address -> linked(line, address))
                .orElseGet(line::createRun);
    }

    /** A run that leads to an address; a plain one where that leads nowhere. */
    static XWPFRun linked(XWPFParagraph line, String address) {
        if (!leads(address)) {
            return line.createRun();
        }
        var run = line.createHyperlinkRun(address);
        run.setStyle("Hyperlink");
        return run;
    }

    /** A spot on a picture that is not here leads nowhere, nor does what is no address by the standard (RFC 3986). */
    private static boolean leads(String address) {
        try {
            return new URI(address).isAbsolute();
        } catch (URISyntaxException none) {
            return false;
        }
    }

    private static void lay(Mark mark, XWPFRun run) {
        switch (mark) {
            case Style.BOLD -> run.setBold(true);
            case Style.ITALIC -> run.setItalic(true);
            case Style.UNDERLINE -> run.setUnderline(UnderlinePatterns.SINGLE);
            case Style.SUBSCRIPT -> run.setVerticalAlignment(STVerticalAlignRun.SUBSCRIPT.toString());
            case Style.SUPERSCRIPT -> run.setVerticalAlignment(STVerticalAlignRun.SUPERSCRIPT.toString());
            case Highlight colour -> run.setTextHighlightColor(pen(colour));
            case Link ignored -> {}
            case Passage ignored -> {}
            case Said ignored -> {}
        }
    }

    /** Word processors know highlighters by these names alone. */
    private static String pen(Highlight colour) {
        return switch (colour) {
            case YELLOW -> "yellow";
            case GREEN -> "green";
            case BLUE -> "cyan";
            case ROSE -> "magenta";
        };
    }
}
