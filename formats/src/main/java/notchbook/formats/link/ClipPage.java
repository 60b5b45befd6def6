package notchbook.formats.link;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.net.URI;
import java.util.Base64;
import notchbook.core.link.Clip;
import notchbook.core.seal.Sha256;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;

/**
 * A page that plays one clip from elsewhere and holds nothing else: no script, and nothing from any site but the clip's. What is
 * played can open no window and lead nobody away; its site learns from which installation it is asked, but not from which page.
 */
public record ClipPage(String title, URI address, Clip.Form form) {
    private static final String STYLE =
            "html,body{margin:0;height:100%;background:#000}iframe,video{width:100%;height:100%;border:0;display:block}"
                    + "audio{width:100%;position:absolute;top:50%;transform:translateY(-50%)}";

    public String html() {
        var page = Document.createShell("");
        page.outputSettings().prettyPrint(false);
        page.title(title);
        page.head().prependElement("meta").attr("charset", "utf-8");
        page.head().appendElement("style").appendChild(new DataNode(STYLE));
        var played = page.body().appendElement(element()).attr("src", address.toString());
        if (form == Clip.Form.PLAYER) {
            played.attr("title", title)
                    .attr("sandbox", "allow-scripts allow-same-origin allow-presentation")
                    .attr("allow", "autoplay; fullscreen; encrypted-media; picture-in-picture")
                    .attr("referrerpolicy", "strict-origin");
        } else {
            played.attr("controls", true).attr("autoplay", true);
        }
        return "<!doctype html>" + page.outerHtml();
    }

    private String element() {
        return switch (form) {
            case PLAYER -> "iframe";
            case FILM -> "video";
            case SOUND -> "audio";
        };
    }

    /** What the page may load (Content Security Policy Level 3): its own style, and the clip from where it is. */
    public String policy() {
        var origin = address.getScheme() + "://" + address.getRawAuthority();
        return "default-src 'none'; style-src 'sha256-%s'; frame-src %s; media-src %s; base-uri 'none'; form-action 'none'; frame-ancestors 'self'"
                .formatted(digest(), origin, origin);
    }

    private static String digest() {
        return Base64.getEncoder().encodeToString(Sha256.begun().digest(STYLE.getBytes(UTF_8)));
    }
}
