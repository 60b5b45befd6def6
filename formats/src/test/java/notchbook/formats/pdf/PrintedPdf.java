package notchbook.formats.pdf;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** A PDF as it comes out of a printer: where on each sheet its letters and pictures lie, in points from the top left. */
public final class PrintedPdf {
    private final List<Sheet> sheets = new ArrayList<>();
    private final StringBuilder words = new StringBuilder();

    /** What rounding to the device's own dots may move a thing, in points. */
    private static final double DOT = 1;

    /** A sheet with the boxes of the letters and pictures between its upper and its lower margin. */
    public record Sheet(Rectangle2D paper, List<Rectangle2D> letters, List<Rectangle2D> pictures) {
        private double foot() {
            return paper.getHeight() - PaperSize.MARGIN_BOTTOM_MM * MM;
        }

        /** How much of it is left below the lowest thing. */
        double left() {
            return foot()
                    - Stream.concat(letters.stream(), pictures.stream())
                            .mapToDouble(Rectangle2D::getMaxY)
                            .max()
                            .orElse(0);
        }

        boolean beginsWithAPicture() {
            return pictures.stream().mapToDouble(Rectangle2D::getMinY).min().stream()
                    .anyMatch(top -> letters.stream().allMatch(letter -> letter.getMinY() >= top));
        }

        /** How far the first picture reaches down from the upper margin; 0 without one. */
        double firstPicture() {
            return pictures.stream().mapToDouble(Rectangle2D::getMaxY).min().orElse(0) - PaperSize.MARGIN_TOP_MM * MM;
        }

        /** What reaches into a margin, in words. */
        Stream<String> outside() {
            var side = PaperSize.MARGIN_SIDE_MM * MM - DOT;
            return Stream.concat(letters.stream(), pictures.stream())
                    .filter(box -> box.getMinX() < side
                            || box.getMaxX() > paper.getWidth() - side
                            || box.getMinY() < PaperSize.MARGIN_TOP_MM * MM - DOT
                            || box.getMaxY() > foot() + DOT)
                    .map(box -> "%.0f to %.0f, %.0f to %.0f"
                            .formatted(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMaxY()));
        }
    }

    /** What reaches into a margin, by its sheet. */
    public List<String> outside() {
        return IntStream.range(0, sheets.size())
                .boxed()
                .flatMap(i -> sheets.get(i).outside().map(box -> "sheet " + (i + 1) + ": " + box))
                .toList();
    }

    /** The same, but only before a sheet that begins with a picture: a page of the notebook may begin on a new sheet. */
    public List<String> halfEmptyBeforeAPicture(PaperSize paper) {
        return halfEmpty(paper, i -> sheets.get(i + 1).beginsWithAPicture());
    }

    /** Sheets that end more than half empty although the next thing would have fitted, in words. */
    public List<String> halfEmpty(PaperSize paper) {
        return halfEmpty(paper, i -> true);
    }

    private List<String> halfEmpty(PaperSize paper, IntPredicate counts) {
        return IntStream.range(0, sheets.size() - 1)
                .filter(counts)
                .filter(i -> sheets.get(i).left() > paper.contentHeightMm() * MM / 2)
                .filter(i -> sheets.get(i + 1).firstPicture() + CAPTION
                        <= sheets.get(i).left())
                .mapToObj(i -> "sheet %d ends with %.0f points left"
                        .formatted(i + 1, sheets.get(i).left()))
                .toList();
    }

    /** What a caption of two lines takes below a picture, with what it is kept apart by, in points. */
    private static final double CAPTION = 48;

    static final double MM = 72 / 25.4;

    public static PrintedPdf of(byte[] content) {
        try (var pdf = Loader.loadPDF(content)) {
            return new PrintedPdf(pdf);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private PrintedPdf(PDDocument pdf) throws IOException {
        for (var number = 1; number <= pdf.getNumberOfPages(); number++) {
            var page = pdf.getPage(number - 1);
            var box = page.getMediaBox();
            var sheet = new Sheet(
                    new Rectangle2D.Double(0, 0, box.getWidth(), box.getHeight()),
                    new ArrayList<>(),
                    new ArrayList<>());
            var reader = new Letters(sheet);
            reader.setStartPage(number);
            reader.setEndPage(number);
            words.append(reader.getText(pdf)).append(' ');
            new Pictures(page, sheet).processPage(page);
            sheets.add(sheet);
        }
    }

    public List<Sheet> sheets() {
        return sheets;
    }

    /** All words in the order in which they are read. */
    String words() {
        return words.toString();
    }

    private static final class Letters extends PDFTextStripper {
        private final Sheet sheet;

        Letters(Sheet sheet) {
            this.sheet = sheet;
        }

        @Override
        protected void processTextPosition(TextPosition letter) {
            // The number of the sheet stands in its margin.
            if (letter.getYDirAdj() > sheet.foot() + 5 * MM) {
                return;
            }
            super.processTextPosition(letter);
            if (!letter.getUnicode().isBlank()) {
                sheet.letters()
                        .add(new Rectangle2D.Double(
                                letter.getXDirAdj(),
                                letter.getYDirAdj() - letter.getHeightDir(),
                                letter.getWidthDirAdj(),
                                letter.getHeightDir()));
            }
        }
    }

    private static final class Pictures extends PDFGraphicsStreamEngine {
        private final Sheet sheet;

        Pictures(PDPage page, Sheet sheet) {
            super(page);
            this.sheet = sheet;
        }

        @Override
        public void drawImage(PDImage image) {
            var place = getGraphicsState().getCurrentTransformationMatrix();
            var left = Math.min(place.getTranslateX(), place.getTranslateX() + place.getScaleX());
            var top = sheet.paper().getHeight()
                    - Math.max(place.getTranslateY(), place.getTranslateY() + place.getScaleY());
            sheet.pictures()
                    .add(new Rectangle2D.Double(left, top, Math.abs(place.getScaleX()), Math.abs(place.getScaleY())));
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

        @Override
        public void clip(int windingRule) {}

        @Override
        public void moveTo(float x, float y) {}

        @Override
        public void lineTo(float x, float y) {}

        @Override
        public void curveTo(float a, float b, float c, float d, float e, float f) {}

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Float();
        }

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int windingRule) {}

        @Override
        public void fillAndStrokePath(int windingRule) {}

        @Override
        public void shadingFill(COSName name) {}
    }
}
