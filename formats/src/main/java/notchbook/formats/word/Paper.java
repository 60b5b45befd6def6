package notchbook.formats.word;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigInteger;
import java.text.Bidi;
import java.util.Objects;
import org.apache.poi.xwpf.usermodel.XWPFAbstractNum;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFNumbering;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.xmlbeans.XmlException;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTAbstractNum;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STNumberFormat;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.StylesDocument;

/** A document with styles of its own, which is written from top to bottom. */
final class Paper {
    private static final int DEPTHS = 9;
    private static final int INDENT_TWIPS = 400;

    private final XWPFDocument document;
    private final XWPFNumbering numbering;
    private final BigInteger bullets;
    private final BigInteger numbers;

    private Paper(XWPFDocument document) {
        this.document = document;
        this.numbering = document.createNumbering();
        this.bullets = scheme(0, STNumberFormat.BULLET);
        this.numbers = scheme(1, STNumberFormat.DECIMAL);
    }

    static Paper of(XWPFDocument document) {
        try (InputStream styles =
                Objects.requireNonNull(Paper.class.getResourceAsStream("/word/styles.xml"), "styles.xml")) {
            document.createStyles()
                    .setStyles(StylesDocument.Factory.parse(styles).getStyles());
        } catch (IOException | XmlException unreadable) {
            throw new UncheckedIOException(new IOException("The styles of word files can't be read.", unreadable));
        }
        return new Paper(document);
    }

    /** How lists of a kind look at each depth. */
    private BigInteger scheme(int id, STNumberFormat.Enum format) {
        var scheme = CTAbstractNum.Factory.newInstance();
        scheme.setAbstractNumId(BigInteger.valueOf(id));
        for (var depth = 0; depth < DEPTHS; depth++) {
            var level = scheme.addNewLvl();
            level.setIlvl(BigInteger.valueOf(depth));
            level.addNewStart().setVal(BigInteger.ONE);
            level.addNewNumFmt().setVal(format);
            level.addNewLvlText().setVal(format == STNumberFormat.BULLET ? "•" : "%" + (depth + 1) + ".");
            var indent = level.addNewPPr().addNewInd();
            indent.setLeft(BigInteger.valueOf((depth + 1L) * INDENT_TWIPS));
            indent.setHanging(BigInteger.valueOf(INDENT_TWIPS));
        }
        return numbering.addAbstractNum(new XWPFAbstractNum(scheme, numbering));
    }

    XWPFParagraph paragraph() {
        return document.createParagraph();
    }

    XWPFTable table() {
        return document.createTable();
    }

    void line(String style, String words) {
        var line = styled(style);
        line.createRun().setText(words);
        turn(line);
    }

    void link(String words, String address) {
        var line = styled("Normal");
        InlineWords.linked(line, address).setText(words);
        turn(line);
    }

    private XWPFParagraph styled(String style) {
        var line = paragraph();
        line.setStyle(style);
        return line;
    }

    /** A paragraph whose first letter is written from right to left runs that way (Unicode bidi, rule P2). */
    static void turn(XWPFParagraph line) {
        if (!new Bidi(line.getText(), Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT).baseIsLeftToRight()) {
            var properties = line.getCTP().isSetPPr()
                    ? line.getCTP().getPPr()
                    : line.getCTP().addNewPPr();
            properties.addNewBidi();
        }
    }

    BigInteger bullets() {
        return numbering.addNum(bullets);
    }

    /** A list of its own within {@code around} others, which begins with {@code start}. */
    BigInteger numbers(int start, int around) {
        var id = numbering.addNum(numbers);
        var begun = numbering.getNum(id).getCTNum().addNewLvlOverride();
        begun.setIlvl(level(around + 1));
        begun.addNewStartOverride().setVal(BigInteger.valueOf(start));
        return id;
    }

    /** Gives a line the sign of a list that is inside of {@code depth - 1} others. */
    static void number(XWPFParagraph line, BigInteger list, int depth) {
        line.setNumID(list);
        line.setNumILvl(level(depth));
    }

    static void indent(XWPFParagraph line, int depth) {
        if (depth > 0) {
            line.setIndentationLeft(Math.min(depth, DEPTHS) * INDENT_TWIPS);
        }
    }

    private static BigInteger level(int depth) {
        return BigInteger.valueOf(Math.min(depth, DEPTHS) - 1L);
    }
}
