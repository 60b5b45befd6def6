package notchbook.formats.markdown;

import static java.util.stream.Collectors.joining;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import notchbook.core.ink.Drawing;
import notchbook.formats.ink.StrokeSvg;
import notchbook.formats.layer.LayerSvg;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.Attached;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Ink;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SectionSheet.Recording;
import notchbook.formats.sheet.SectionSheet.Reflection;
import notchbook.formats.sheet.SectionSheet.Typed;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.sheet.ZipWriter;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Document;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.renderer.markdown.MarkdownRenderer;

/** A section as one Markdown file, with its pictures, sounds and files beside it, in a ZIP file. */
public final class MarkdownFolder {
    private static final MarkdownRenderer RENDERER = MarkdownRenderer.builder()
            .extensions(List.of(TablesExtension.create()))
            .nodeRendererFactory(SpanRenderer.FACTORY)
            .build();

    private final SheetMedia media;
    private final Node all = new Document();

    private MarkdownFolder(SheetMedia media) {
        this.media = media;
    }

    public static void write(SectionSheet sheet, OutputStream out) throws IOException {
        var media = SheetMedia.withAll();
        try (var zip = new ZipWriter(out)) {
            zip.put("section.md", text(sheet, media));
            for (var part : media.parts()) {
                zip.put("", part);
            }
        }
    }

    /** The Markdown file by itself; {@code media} has what goes beside it then. */
    public static String text(SectionSheet sheet, SheetMedia media) {
        var folder = new MarkdownFolder(media);
        folder.addAll(sheet);
        return RENDERER.render(folder.all);
    }

    private void addAll(SectionSheet sheet) {
        heading(1, sheet.title());
        say(sheet.from());
        sheet.pages().forEach(this::add);
        sheet.reflections().forEach(this::add);
    }

    private void add(Page page) {
        heading(2, page.title());
        say(page.when());
        page.zones().forEach(zone -> {
            if (page.zones().size() > 1) {
                heading(3, zone.zone().title());
            }
            zone.entries().forEach(this::add);
        });
    }

    private void add(Reflection reflection) {
        heading(2, reflection.title());
        if (!reflection.chosen().isEmpty()) {
            say("Looks back on: " + String.join(" · ", reflection.chosen()));
        }
        reflection.answers().forEach(answer -> {
            heading(3, answer.question());
            answer.text().lines().filter(line -> !line.isBlank()).forEach(this::say);
        });
    }

    private void add(Entry entry) {
        switch (entry.content()) {
            case Typed typed -> DocumentMarkdown.addTo(all, typed.document().blocks());
            case Ink ink -> picture(media.drawing(svg(ink.drawing())), entry.named("Drawing"));
            case Photo photo -> photo(photo, entry.named("Photo"));
            case Recording recording -> {
                recording
                        .file()
                        .flatMap(media::file)
                        .ifPresent(path -> link(path, entry.named(recording.isClip() ? "Clip" : "Recording")));
                recording.words().lines().forEach(this::say);
            }
            case Attached file ->
                file.file()
                        .flatMap(media::file)
                        .ifPresentOrElse(path -> link(path, file.name()), () -> say(file.name()));
            case SectionSheet.Link link -> {
                link(link.address(), link.title().isBlank() ? link.address() : link.title());
                say(link.description());
            }
        }
        say(entry.caption());
        say(String.join(" ", entry.codes()));
    }

    /** What is written on a photo is a drawing of its own beside it. */
    private void photo(Photo photo, String words) {
        picture(media.picture(photo), words);
        photo.written().ifPresent(layer -> {
            picture(
                    media.drawing(svg(layer.width(), layer.height(), LayerSvg.write(layer))),
                    "Written on it: " + layer.words().replace("\n", ", "));
            LayerSvg.spotWords(layer).lines().forEach(this::say);
        });
    }

    private static String svg(Drawing drawing) {
        return svg(
                drawing.width(),
                drawing.height(),
                drawing.strokes().stream().map(StrokeSvg::write).collect(joining("\n")));
    }

    private static String svg(int width, int height, String content) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\">%s</svg>"
                .formatted(width, height, content);
    }

    private void heading(int level, String words) {
        var heading = new Heading();
        heading.setLevel(level);
        heading.appendChild(new Text(words));
        all.appendChild(heading);
    }

    private void say(String words) {
        if (!words.isBlank()) {
            line(new Text(words));
        }
    }

    private void picture(String path, String words) {
        var image = new Image(path, null);
        image.appendChild(new Text(words));
        line(image);
    }

    private void link(String address, String words) {
        var link = new Link(address, null);
        link.appendChild(new Text(words));
        line(link);
    }

    private void line(Node content) {
        var line = new Paragraph();
        line.appendChild(content);
        all.appendChild(line);
    }
}
