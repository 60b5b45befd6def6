package notchbook.app.find;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.ENTRY_WORD;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.notebook.EntryContent;
import notchbook.app.notebook.EntryKept;
import notchbook.app.notebook.EntryKind;
import notchbook.core.find.Query;
import notchbook.core.find.Query.Term;
import notchbook.core.find.Token;
import notchbook.tables.tables.EntryWord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Repository;

/** Which entries hold which words, by their stems. */
@Repository
class EntryWords {
    /** What a row of the table holds, in characters; two longer words that begin alike count as one. */
    private static final int LONGEST_STEM = 60;

    /** Beyond this many a word counts as common, and counting on would cost more than it helps. */
    private static final int COMMON = 2_000;

    /** More words that begin alike than anybody means while typing the first letters. */
    private static final int MOST_BEGINNINGS = 12;

    private final DSLContext db;
    private final Media media;

    EntryWords(DSLContext db, Media media) {
        this.db = db;
        this.media = media;
    }

    @EventListener
    void keep(EntryKept kept) {
        var entry = kept.entry();
        keep(
                entry.id(),
                kept.ownerId(),
                text(entry.kind(), entry.caption(), fileName(entry.mediaId()), entry.content()));
    }

    /** Entries that were kept before there was an index. */
    @EventListener(ApplicationReadyEvent.class)
    void catchUp() {
        db.select(ENTRY.ID, NOTEBOOK.OWNER_ID, ENTRY.KIND, ENTRY.CAPTION, ENTRY.MEDIA_ID, ENTRY.CONTENT)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                .leftAntiJoin(ENTRY_WORD)
                .on(ENTRY_WORD.ENTRY_ID.eq(ENTRY.ID))
                .forEach(row -> keep(
                        row.value1(),
                        row.value2(),
                        text(
                                EntryKind.valueOf(row.value3()),
                                row.value4(),
                                fileName(Optional.ofNullable(row.value5())),
                                row.value6())));
    }

    /** The ids of a person's entries that hold every word of a query, the newest first, in the bin or not. */
    List<UUID> find(UUID ownerId, Query query, int most) {
        var terms = rarestFirst(ownerId, query);
        var others = terms.subList(1, terms.size());
        return stems(ownerId, terms.getFirst())
                .flatMap(stem -> newest(ownerId, stem, others, most).stream())
                .distinct()
                .sorted(comparing(UUID::toString).reversed())
                .limit(most)
                .toList();
    }

    /** The stems that a word fits: its own, and for an unfinished one those that begin with it. */
    private Stream<String> stems(UUID ownerId, Term term) {
        var own = Stream.of(cut(term.stem()));
        return term.isUnfinished()
                ? Stream.concat(
                                own,
                                db
                                        .selectDistinct(ENTRY_WORD.STEM)
                                        .from(ENTRY_WORD)
                                        .where(
                                                ENTRY_WORD.OWNER_ID.eq(ownerId),
                                                ENTRY_WORD.STEM.startsWith(cut(term.word())))
                                        .limit(MOST_BEGINNINGS)
                                        .fetch(ENTRY_WORD.STEM)
                                        .stream())
                        .distinct()
                : own;
    }

    /** In the order of the table's own key, so that the database stops as soon as it has enough. */
    private List<UUID> newest(UUID ownerId, String stem, List<Term> others, int most) {
        var first = ENTRY_WORD.as("first");
        return db.select(first.ENTRY_ID)
                .from(first)
                .where(first.OWNER_ID.eq(ownerId), first.STEM.eq(stem))
                .and(others.stream()
                        .map(term -> alsoHolds(first, ownerId, term))
                        .reduce(DSL.noCondition(), Condition::and))
                .orderBy(first.ENTRY_ID.desc())
                .limit(most)
                .fetch(first.ENTRY_ID);
    }

    /** What an entry can be found by: its caption, its words, and the name of its file. */
    static String text(EntryKind kind, String caption, String fileName, String content) {
        // The words of a file's name are held together by dots and dashes.
        var named = fileName.replaceAll("[._-]+", " ");
        return String.join("\n", caption, EntryContent.words(kind, content), named)
                .strip();
    }

    /** The name that a file had on its student's device; nothing for entries without one. */
    private String fileName(Optional<UUID> mediaId) {
        return media.findAll(mediaId.stream().toList()).values().stream()
                .map(MediaItem::name)
                .findFirst()
                .orElse("");
    }

    /** Stores what changed alone: a long text that is being typed gains and loses a word at a time. */
    private void keep(UUID entryId, UUID ownerId, String text) {
        var now = Token.of(text).stream().map(token -> cut(token.stem())).collect(toSet());
        var before = db.select(ENTRY_WORD.STEM)
                .from(ENTRY_WORD)
                .where(ENTRY_WORD.ENTRY_ID.eq(entryId))
                .fetchSet(ENTRY_WORD.STEM);
        db.deleteFrom(ENTRY_WORD)
                .where(ENTRY_WORD.ENTRY_ID.eq(entryId), ENTRY_WORD.STEM.in(without(before, now)))
                .execute();
        db.batch(without(now, before).stream()
                        .map(stem -> db.insertInto(ENTRY_WORD)
                                .set(ENTRY_WORD.OWNER_ID, ownerId)
                                .set(ENTRY_WORD.STEM, stem)
                                .set(ENTRY_WORD.ENTRY_ID, entryId))
                        .toList())
                .execute();
    }

    private static Set<String> without(Set<String> all, Set<String> some) {
        var rest = new HashSet<>(all);
        rest.removeAll(some);
        return rest;
    }

    /** The fewer entries a word stands in, the fewer have to be looked at for the others. */
    private List<Term> rarestFirst(UUID ownerId, Query query) {
        var phrases = query.phrases().stream().flatMap(List::stream).map(stem -> new Term(stem, stem, false));
        var terms = Stream.concat(query.terms().stream(), phrases).toList();
        return terms.size() == 1
                ? terms
                : terms.stream().sorted(comparing(term -> count(ownerId, term))).toList();
    }

    private int count(UUID ownerId, Term term) {
        return db.fetchCount(db.selectOne()
                .from(ENTRY_WORD)
                .where(ENTRY_WORD.OWNER_ID.eq(ownerId), fits(ENTRY_WORD, term))
                .limit(COMMON));
    }

    private Condition alsoHolds(EntryWord first, UUID ownerId, Term term) {
        var other = ENTRY_WORD.as("other");
        return DSL.exists(db.selectOne()
                .from(other)
                .where(other.OWNER_ID.eq(ownerId), other.ENTRY_ID.eq(first.ENTRY_ID), fits(other, term)));
    }

    private static Condition fits(EntryWord words, Term term) {
        var whole = words.STEM.eq(cut(term.stem()));
        return term.isUnfinished() ? whole.or(words.STEM.startsWith(cut(term.word()))) : whole;
    }

    private static String cut(String stem) {
        return stem.length() <= LONGEST_STEM ? stem : stem.substring(0, LONGEST_STEM);
    }
}
