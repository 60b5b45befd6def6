package notchbook.formats.web;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.ByteArrayInputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.sheet.StyleSheet;

/**
 * A section or a book as one HTML file with all that it shows and plays in it, to be opened anywhere. Pictures and sounds are written
 * into it one after the other, so that only one of them is held at a time.
 */
public final class WebFile {
    /** The title of the whole stands over those of its pages. */
    private static final int BELOW_THE_TITLE = 2;

    private WebFile() {}

    /** Content that is written into the file where its sign stands. */
    private record Inside(String type, Opening content) {}

    private interface Opening {
        InputStream open() throws IOException;
    }

    /** Gives each content a sign that nobody can have written into the words around it. */
    private static final class Insides implements SheetMedia.There {
        private final String secret = UUID.randomUUID().toString();
        private final List<Inside> all = new ArrayList<>();

        @Override
        public Optional<String> picture(Photo photo) {
            return Optional.of(sign(photo.type(), () -> new ByteArrayInputStream(photo.bytes())));
        }

        @Override
        public Optional<String> file(MediaFile file) {
            return Optional.of(sign(file.type(), () -> Files.newInputStream(file.place())));
        }

        String font(String name) {
            return sign("font/ttf", () -> new ByteArrayInputStream(WebFonts.read(name)));
        }

        private String sign(String type, Opening content) {
            all.add(new Inside(type, content));
            return secret + "-" + (all.size() - 1) + "-";
        }

        Pattern signs() {
            return Pattern.compile(secret + "-(\\d+)-");
        }
    }

    public static void write(SectionSheet sheet, OutputStream out) throws IOException {
        var insides = new Insides();
        var page = WebBook.of(sheet, SheetMedia.beside(insides), BELOW_THE_TITLE)
                .page("<style>" + styles(insides) + "</style>");
        var sign = insides.signs().matcher(page);
        var written = 0;
        while (sign.find()) {
            out.write(page.substring(written, sign.start()).getBytes(UTF_8));
            write(insides.all.get(Integer.parseInt(sign.group(1))), out);
            written = sign.end();
        }
        out.write(page.substring(written).getBytes(UTF_8));
    }

    private static void write(Inside inside, OutputStream out) throws IOException {
        out.write(("data:" + inside.type() + ";base64,").getBytes(UTF_8));
        try (var in = inside.content.open();
                var coded = Base64.getEncoder().wrap(new StaysOpen(out))) {
            in.transferTo(coded);
        }
    }

    /** The end of what is coded is not the end of the file. */
    private static final class StaysOpen extends FilterOutputStream {
        StaysOpen(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }

    private static String styles(Insides insides) {
        var fonts = WebFonts.STYLE;
        for (var font : WebFonts.FILES) {
            fonts = fonts.replace("fonts/" + font, insides.font(font));
        }
        return fonts + StyleSheet.read("/book.css");
    }
}
