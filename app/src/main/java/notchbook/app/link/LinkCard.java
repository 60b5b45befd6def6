package notchbook.app.link;

import java.util.Optional;
import java.util.UUID;

/** What a web page said of itself when one person's link to it was fetched; its words are blank until then. */
public record LinkCard(
        UUID id,
        UUID ownerId,
        String address,
        LinkState state,
        String title,
        String description,
        String site,
        Optional<UUID> pictureId) {

    static LinkCard wanted(UUID id, UUID ownerId, String address) {
        return new LinkCard(id, ownerId, address, LinkState.WAITING, "", "", "", Optional.empty());
    }

    /** All its words, to find it by. */
    public String words() {
        return String.join("\n", title, description, site).strip();
    }

    LinkCard fetched(String title, String description, String site, Optional<UUID> pictureId) {
        return new LinkCard(id, ownerId, address, LinkState.FETCHED, title, description, site, pictureId);
    }

    /** What it said before stays: better an old title than none. */
    LinkCard unreached() {
        return new LinkCard(id, ownerId, address, LinkState.UNREACHED, title, description, site, pictureId);
    }

    LinkCard wantedAgain() {
        return new LinkCard(id, ownerId, address, LinkState.WAITING, title, description, site, pictureId);
    }
}
