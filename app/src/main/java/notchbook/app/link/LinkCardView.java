package notchbook.app.link;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.link.Clip;
import notchbook.core.text.Minutes;

/** A link's card as a screen needs it; {@code pictureId} is a media item of its owner. */
public record LinkCardView(
        UUID id,
        LinkState state,
        String title,
        String description,
        String site,
        Optional<UUID> pictureId,
        String movedTo,
        Optional<ClipView> clip) {
    /** A clip that can be played in place: the host that would be asked, and its length, blank where that is not known. */
    public record ClipView(String host, String length) {
        static ClipView of(Clip clip) {
            return new ClipView(
                    clip.address().getHost(),
                    clip.lengthSeconds().map(Minutes::of).orElse(""));
        }
    }

    public static LinkCardView of(LinkCard card) {
        return new LinkCardView(
                card.id(),
                card.state(),
                card.title(),
                card.description(),
                card.site(),
                card.pictureId(),
                card.movedTo(),
                card.clip().map(ClipView::of));
    }
}
