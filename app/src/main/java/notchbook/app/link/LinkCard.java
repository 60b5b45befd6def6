package notchbook.app.link;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.link.Clip;
import notchbook.core.source.Source;
import notchbook.core.source.SourceKind;
import notchbook.formats.link.PageCard;

/** What a web page said of itself when one person's link to it was fetched; its words are blank until then. */
public record LinkCard(
        UUID id,
        UUID ownerId,
        String address,
        LinkState state,
        String title,
        String description,
        String site,
        Optional<UUID> pictureId,
        String author,
        String published,
        String movedTo,
        Optional<Clip> clip) {

    static LinkCard wanted(UUID id, UUID ownerId, String address) {
        return new LinkCard(
                id, ownerId, address, LinkState.WAITING, "", "", "", Optional.empty(), "", "", "", Optional.empty());
    }

    /** All its words, to find it by. */
    public String words() {
        return String.join("\n", title, description, site).strip();
    }

    /** {@code movedTo} is where the page lives from now on, blank where it is where it was. */
    LinkCard fetched(PageCard page, Optional<UUID> picture, String movedTo) {
        return new LinkCard(
                id,
                ownerId,
                address,
                LinkState.FETCHED,
                page.title(),
                page.description(),
                page.site(),
                picture,
                page.author(),
                page.published(),
                movedTo,
                page.clip());
    }

    /** What it said before stays: better an old title than none. */
    LinkCard unreached() {
        return in(LinkState.UNREACHED);
    }

    LinkCard wantedAgain() {
        return in(LinkState.WAITING);
    }

    private LinkCard in(LinkState now) {
        return new LinkCard(
                id, ownerId, address, now, title, description, site, pictureId, author, published, movedTo, clip);
    }

    /** What the page says of where it comes from. */
    public Source source() {
        return new Source(
                SourceKind.WEB_PAGE,
                author.isEmpty() ? List.of() : List.of(author),
                published,
                site,
                "",
                Optional.empty(),
                Optional.empty(),
                List.of());
    }
}
