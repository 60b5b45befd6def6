package notchbook.app.find;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.ENTRY_WORD;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.link.LinkFetched;
import notchbook.app.media.MediaWords.WordsRead;
import notchbook.app.notebook.Entries;
import notchbook.app.notebook.Entry;
import notchbook.app.notebook.EntryKept;
import notchbook.core.find.Query;
import notchbook.core.find.Query.Term;
import notchbook.core.find.Token;
import notchbook.tables.tables.EntryWord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
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
    private final Entries entries;
    private final Findable findable;

    EntryWords(DSLContext db, Entries entries, Findable findable) {
        this.db = db;
        this.entries = entries;
        this.findable = findable;
    }

    @EventListener
    void keep(EntryKept kept) {
        keep(kept.ownerId(), List.of(kept.entry()));
    }

    @EventListener
    void keep(WordsRead read) {
        keep(read.ownerId(), entries.showing(read.mediaId()));
    }

    @EventListener
    void keep(LinkFetched fetched) {
        keep(fetched.ownerId(), entries.linkingTo(fetched.ownerId(), fetched.address()));
    }

    private void keep(UUID ownerId, List<Entry> changed) {
        findable.of(ownerId, changed).forEach((id, text) -> keep(id, ownerId, text.all()));
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
