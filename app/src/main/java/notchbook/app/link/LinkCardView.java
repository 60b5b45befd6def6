package notchbook.app.link;

import java.util.Optional;
import java.util.UUID;

/** A link's card as a screen needs it; {@code pictureId} is a media item of its owner. */
public record LinkCardView(
        UUID id,
        LinkState state,
        String title,
        String description,
        String site,
        Optional<UUID> pictureId,
        String movedTo) {

    public static LinkCardView of(LinkCard card) {
        return new LinkCardView(
                card.id(),
                card.state(),
                card.title(),
                card.description(),
                card.site(),
                card.pictureId(),
                card.movedTo());
    }
}
