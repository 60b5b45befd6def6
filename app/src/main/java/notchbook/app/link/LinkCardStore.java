package notchbook.app.link;

import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.LINK_CARD;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.link.Clip;
import notchbook.core.seal.Sha256;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class LinkCardStore {
    private final DSLContext db;

    LinkCardStore(DSLContext db) {
        this.db = db;
    }

    Optional<LinkCard> find(UUID id) {
        return db.selectFrom(LINK_CARD).where(LINK_CARD.ID.eq(id)).fetchOptional(LinkCardStore::card);
    }

    /** A person's cards for addresses, by address. */
    Map<String, LinkCard> findAll(UUID ownerId, Collection<String> addresses) {
        return db
                .selectFrom(LINK_CARD)
                .where(
                        LINK_CARD.OWNER_ID.eq(ownerId),
                        LINK_CARD.ADDRESS_SHA256.in(
                                addresses.stream().map(LinkCardStore::digest).toList()))
                .fetch(LinkCardStore::card)
                .stream()
                .collect(toMap(LinkCard::address, card -> card));
    }

    /** Cards that were fetched before a time, the longest ago first: pages that were there then. */
    List<LinkCard> fetchedBefore(Instant time, int most) {
        return db.selectFrom(LINK_CARD)
                .where(LINK_CARD.FETCHED_AT.lt(time), LINK_CARD.TITLE.ne(""))
                .orderBy(LINK_CARD.FETCHED_AT)
                .limit(most)
                .fetch(LinkCardStore::card);
    }

    void insert(LinkCard card) {
        db.insertInto(LINK_CARD)
                .set(LINK_CARD.ID, card.id())
                .set(LINK_CARD.OWNER_ID, card.ownerId())
                .set(LINK_CARD.ADDRESS, card.address())
                .set(LINK_CARD.ADDRESS_SHA256, digest(card.address()))
                .set(LINK_CARD.STATE, card.state().name())
                .set(LINK_CARD.TITLE, card.title())
                .set(LINK_CARD.DESCRIPTION, card.description())
                .set(LINK_CARD.SITE, card.site())
                .execute();
    }

    void update(LinkCard card, Instant at) {
        db.update(LINK_CARD)
                .set(LINK_CARD.STATE, card.state().name())
                .set(LINK_CARD.TITLE, card.title())
                .set(LINK_CARD.DESCRIPTION, card.description())
                .set(LINK_CARD.SITE, card.site())
                .set(LINK_CARD.PICTURE_ID, card.pictureId().orElse(null))
                .set(LINK_CARD.AUTHOR, card.author())
                .set(LINK_CARD.PUBLISHED, card.published())
                .set(LINK_CARD.MOVED_TO, card.movedTo())
                .set(
                        LINK_CARD.CLIP_ADDRESS,
                        card.clip().map(clip -> clip.address().toString()).orElse(null))
                .set(
                        LINK_CARD.CLIP_FORM,
                        card.clip().map(clip -> clip.form().name()).orElse(null))
                .set(
                        LINK_CARD.CLIP_SECONDS,
                        card.clip().flatMap(Clip::lengthSeconds).orElse(null))
                .set(LINK_CARD.FETCHED_AT, at)
                .where(LINK_CARD.ID.eq(card.id()))
                .execute();
    }

    private static LinkCard card(Record found) {
        return new LinkCard(
                found.get(LINK_CARD.ID),
                found.get(LINK_CARD.OWNER_ID),
                found.get(LINK_CARD.ADDRESS),
                LinkState.valueOf(found.get(LINK_CARD.STATE)),
                found.get(LINK_CARD.TITLE),
                found.get(LINK_CARD.DESCRIPTION),
                found.get(LINK_CARD.SITE),
                Optional.ofNullable(found.get(LINK_CARD.PICTURE_ID)),
                found.get(LINK_CARD.AUTHOR),
                found.get(LINK_CARD.PUBLISHED),
                found.get(LINK_CARD.MOVED_TO),
                clip(found));
    }

    private static Optional<Clip> clip(Record found) {
        return Optional.ofNullable(found.get(LINK_CARD.CLIP_ADDRESS))
                .flatMap(address -> Clip.of(
                        address,
                        Clip.Form.valueOf(found.get(LINK_CARD.CLIP_FORM)),
                        Optional.ofNullable(found.get(LINK_CARD.CLIP_SECONDS))));
    }

    private static String digest(String address) {
        return Sha256.hex(address);
    }
}
