package notchbook.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.List;
import java.util.TreeMap;
import notchbook.formats.pdf.PdfWish.Sounds;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentNameDictionary;
import org.apache.pdfbox.pdmodel.PDEmbeddedFilesNameTreeNode;
import org.apache.pdfbox.pdmodel.common.PDPageLabelRange;
import org.apache.pdfbox.pdmodel.common.PDPageLabels;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.common.filespecification.PDEmbeddedFile;

/** What a PDF of a section holds besides its pages: the files that lie in it, and what its sheets are called. */
record PdfParts(List<MediaFile> files, boolean isBook) {
    static PdfParts of(SectionSheet sheet, PdfWish wish) {
        return new PdfParts(wish.sounds() == Sounds.ATTACHED ? sheet.files() : List.of(), wish.isBook());
    }

    byte[] addTo(byte[] pdf) {
        if (files.isEmpty() && !isBook) {
            return pdf;
        }
        try (var document = Loader.loadPDF(pdf)) {
            if (isBook) {
                number(document);
            }
            attach(document);
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The sheets in front by their names, all others by the number at their foot (ISO 32000-1, 12.4.2). */
    private static void number(PDDocument document) throws IOException {
        var inFront = FrontMatter.sheets(document);
        var labels = new PDPageLabels(document);
        labels.setLabelItem(0, named("Title page"));
        labels.setLabelItem(1, named("Contents"));
        if (inFront < document.getNumberOfPages()) {
            var numbers = new PDPageLabelRange();
            numbers.setStyle(PDPageLabelRange.STYLE_DECIMAL);
            numbers.setStart(inFront + 1);
            labels.setLabelItem(inFront, numbers);
        }
        document.getDocumentCatalog().setPageLabels(labels);
    }

    private static PDPageLabelRange named(String name) {
        var range = new PDPageLabelRange();
        range.setPrefix(name);
        return range;
    }

    private void attach(PDDocument document) throws IOException {
        if (files.isEmpty()) {
            return;
        }
        // A name tree is read by halving, so its names stand in order.
        var names = new TreeMap<String, PDComplexFileSpecification>();
        var associated = new COSArray();
        for (var file : files) {
            var specification = specification(document, file);
            names.put(file.name(), specification);
            associated.add(specification);
        }
        var tree = new PDEmbeddedFilesNameTreeNode();
        tree.setNames(names);
        var catalog = document.getDocumentCatalog();
        var all = new PDDocumentNameDictionary(catalog);
        all.setEmbeddedFiles(tree);
        catalog.setNames(all);
        catalog.getCOSObject().setItem(COSName.AF, associated);
    }

    private static PDComplexFileSpecification specification(PDDocument document, MediaFile file) throws IOException {
        try (var content = Files.newInputStream(file.place())) {
            var embedded = new PDEmbeddedFile(document, content);
            embedded.setSubtype(file.type());
            embedded.setSize((int) Files.size(file.place()));
            var specification = new PDComplexFileSpecification();
            specification.setFile(file.name());
            specification.setFileUnicode(file.name());
            specification.setFileDescription(file.name());
            specification.setEmbeddedFile(embedded);
            specification.setEmbeddedFileUnicode(embedded);
            specification.getCOSObject().setName("AFRelationship", "Supplement");
            return specification;
        }
    }
}
