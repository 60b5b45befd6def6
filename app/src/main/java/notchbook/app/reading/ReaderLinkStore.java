package notchbook.app.reading;

import static notchbook.tables.Tables.READER_KEY;
import static notchbook.tables.Tables.READER_LINK;
import static notchbook.tables.Tables.READER_LINK_MEDIA;
import static notchbook.tables.Tables.READER_TRY;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.reading.Consent;
import notchbook.core.reading.Terms;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

@Repository
class ReaderLinkStore {
    private final DSLContext db;

    ReaderLinkStore(DSLContext db) {
        this.db = db;
    }

    /** A content that the page behind a link refers to. */
    record Shown(String sha256, String type, String name) {}

    /** {@code mailAddress} is the link's whole address, where a mail with it waits for a yes. */
    void insert(ReaderLink link, String secretSha256, Optional<String> mailAddress) {
        db.insertInto(READER_LINK)
                .set(READER_LINK.ID, link.id())
                .set(READER_LINK.OWNER_ID, link.ownerId())
                .set(READER_LINK.KIND, link.kind().name())
                .set(READER_LINK.OF_ID, link.of())
                .set(READER_LINK.TITLE, link.title())
                .set(READER_LINK.READER, link.reader())
                .set(READER_LINK.MAIL, link.mail())
                .set(READER_LINK.SECRET_SHA256, secretSha256)
                .set(READER_LINK.WORD_HASH, link.wordHash().orElse(null))
                .set(READER_LINK.MAY_ANSWER, link.terms().mayAnswer())
                .set(READER_LINK.MADE_AT, link.terms().madeAt())
                .set(READER_LINK.UNTIL, link.terms().until())
                .set(READER_LINK.CONSENT, link.terms().consent().name())
                .set(READER_LINK.MAIL_ADDRESS, mailAddress.orElse(null))
                .execute();
    }

    /** The earliest first. */
    List<ReaderLink> waitingOf(Collection<UUID> owners) {
        return fetch(READER_LINK.OWNER_ID.in(owners).and(READER_LINK.CONSENT.eq(Consent.WAITING.name())))
                .reversed();
    }

    /** Keeps a teacher's yes or no; false when there is one already. */
    boolean decide(UUID id, Consent consent, UUID by, Instant at) {
        return db.update(READER_LINK)
                        .set(READER_LINK.CONSENT, consent.name())
                        .set(READER_LINK.CONSENT_BY, by)
                        .set(READER_LINK.CONSENT_AT, at)
                        .where(READER_LINK.ID.eq(id), READER_LINK.CONSENT.eq(Consent.WAITING.name()))
                        .execute()
                == 1;
    }

    void askAgain(UUID id) {
        db.update(READER_LINK)
                .set(READER_LINK.CONSENT, Consent.WAITING.name())
                .setNull(READER_LINK.CONSENT_BY)
                .setNull(READER_LINK.CONSENT_AT)
                .where(READER_LINK.ID.eq(id))
                .execute();
    }

    Optional<String> mailAddress(UUID id) {
        return db.select(READER_LINK.MAIL_ADDRESS)
                .from(READER_LINK)
                .where(READER_LINK.ID.eq(id))
                .fetchOptional(READER_LINK.MAIL_ADDRESS);
    }

    void forgetMailAddress(UUID id) {
        db.update(READER_LINK)
                .setNull(READER_LINK.MAIL_ADDRESS)
                .where(READER_LINK.ID.eq(id))
                .execute();
    }

    void delete(UUID id) {
        db.deleteFrom(READER_LINK).where(READER_LINK.ID.eq(id)).execute();
    }

    Optional<ReaderLink> find(UUID id) {
        return fetch(READER_LINK.ID.eq(id)).stream().findFirst();
    }

    Optional<ReaderLink> bySecret(String secretSha256) {
        return fetch(READER_LINK.SECRET_SHA256.eq(secretSha256)).stream().findFirst();
    }

    /** The latest first. */
    List<ReaderLink> of(UUID ownerId) {
        return fetch(READER_LINK.OWNER_ID.eq(ownerId));
    }

    void takeBack(UUID id, Instant at) {
        db.update(READER_LINK)
                .set(READER_LINK.TAKEN_BACK_AT, at)
                .setNull(READER_LINK.MAIL_ADDRESS)
                .where(READER_LINK.ID.eq(id), READER_LINK.TAKEN_BACK_AT.isNull())
                .execute();
    }

    void opened(UUID id, Instant at) {
        db.update(READER_LINK)
                .set(READER_LINK.OPENED, READER_LINK.OPENED.plus(1))
                .set(READER_LINK.OPENED_AT, at)
                .where(READER_LINK.ID.eq(id))
                .execute();
    }

    /** Keeps an answer; false when there is one already. */
    boolean answer(UUID id, String words, Instant at) {
        return db.update(READER_LINK)
                        .set(READER_LINK.ANSWER, words)
                        .set(READER_LINK.ANSWERED_AT, at)
                        .where(READER_LINK.ID.eq(id), READER_LINK.ANSWER.isNull())
                        .execute()
                == 1;
    }

    void keepKey(UUID id, String keySha256) {
        db.insertInto(READER_KEY, READER_KEY.LINK_ID, READER_KEY.KEY_SHA256)
                .values(id, keySha256)
                .execute();
    }

    boolean hasKey(UUID id, String keySha256) {
        return db.fetchExists(READER_KEY, READER_KEY.LINK_ID.eq(id).and(READER_KEY.KEY_SHA256.eq(keySha256)));
    }

    /** From now on the link gives out these contents and no others. */
    void show(UUID id, Collection<Shown> contents) {
        db.deleteFrom(READER_LINK_MEDIA)
                .where(
                        READER_LINK_MEDIA.LINK_ID.eq(id),
                        READER_LINK_MEDIA.SHA256.notIn(
                                contents.stream().map(Shown::sha256).toList()))
                .execute();
        for (var content : contents) {
            db.insertInto(READER_LINK_MEDIA)
                    .set(READER_LINK_MEDIA.LINK_ID, id)
                    .set(READER_LINK_MEDIA.SHA256, content.sha256())
                    .set(READER_LINK_MEDIA.TYPE, content.type())
                    .set(READER_LINK_MEDIA.NAME, content.name())
                    .onDuplicateKeyIgnore()
                    .execute();
        }
    }

    Optional<Shown> shown(UUID id, String sha256) {
        return db.selectFrom(READER_LINK_MEDIA)
                .where(READER_LINK_MEDIA.LINK_ID.eq(id), READER_LINK_MEDIA.SHA256.eq(sha256))
                .fetchOptional(found -> new Shown(
                        found.get(READER_LINK_MEDIA.SHA256),
                        found.get(READER_LINK_MEDIA.TYPE),
                        found.get(READER_LINK_MEDIA.NAME)));
    }

    /** Counted beside the transaction that is refused for it. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(String address, Instant at, Instant forgetBefore) {
        db.deleteFrom(READER_TRY).where(READER_TRY.AT.lt(forgetBefore)).execute();
        db.insertInto(READER_TRY, READER_TRY.ADDRESS, READER_TRY.AT)
                .values(address, at)
                .execute();
    }

    int failures(String address, Instant since) {
        return db.fetchCount(READER_TRY, READER_TRY.ADDRESS.eq(address).and(READER_TRY.AT.ge(since)));
    }

    private List<ReaderLink> fetch(Condition which) {
        return db.selectFrom(READER_LINK)
                .where(which)
                .orderBy(READER_LINK.MADE_AT.desc())
                .fetch(ReaderLinkStore::link);
    }

    private static ReaderLink link(Record found) {
        var word = Optional.ofNullable(found.get(READER_LINK.WORD_HASH));
        return new ReaderLink(
                found.get(READER_LINK.ID),
                found.get(READER_LINK.OWNER_ID),
                ReadKind.valueOf(found.get(READER_LINK.KIND)),
                found.get(READER_LINK.OF_ID),
                found.get(READER_LINK.TITLE),
                found.get(READER_LINK.READER),
                found.get(READER_LINK.MAIL),
                new Terms(
                        found.get(READER_LINK.MADE_AT),
                        found.get(READER_LINK.UNTIL),
                        word.isPresent(),
                        found.get(READER_LINK.MAY_ANSWER),
                        Optional.ofNullable(found.get(READER_LINK.TAKEN_BACK_AT)),
                        Consent.valueOf(found.get(READER_LINK.CONSENT))),
                word,
                found.get(READER_LINK.OPENED),
                Optional.ofNullable(found.get(READER_LINK.OPENED_AT)),
                Optional.ofNullable(found.get(READER_LINK.ANSWER)));
    }
}
