package notchbook.app.find;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.ENTRY_WORD;
import static org.jooq.impl.DSL.row;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entries.Owned;
import notchbook.app.entry.Entry;
import notchbook.app.link.LinkFetched;
import notchbook.app.media.MediaWords.WordsRead;
import notchbook.core.find.Query;
import notchbook.core.find.Query.Term;
import notchbook.core.find.Token;
import notchbook.tables.tables.EntryWord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record2;
import org.jooq.Row3;
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
    void keep(WordsRead read) {
        keep(owned(read.ownerId(), entries.showing(read.mediaId())));
    }

    @EventListener
    void keep(LinkFetched fetched) {
        keep(owned(fetched.ownerId(), entries.linkingTo(fetched.ownerId(), fetched.address())));
    }

    private static List<Owned> owned(UUID ownerId, List<Entry> entries) {
        return entries.stream().map(entry -> new Owned(ownerId, entry)).toList();
    }

    /**
     * Takes up the words of entries as they are now. Stores what changed alone: a long text that is being typed gains and
     * loses a word at a time.
     */
    void keep(List<Owned> changed) {
        var ownerOf = changed.stream().collect(toMap(one -> one.entry().id(), Owned::ownerId));
        var before = stemsOf(ownerOf.keySet());
        var added = new ArrayList<Row3<UUID, String, UUID>>();
        var forgotten = new ArrayList<org.jooq.Query>();
        stems(changed).forEach((entryId, now) -> {
            var was = before.getOrDefault(entryId, Set.of());
            without(now, was).forEach(stem -> added.add(row(ownerOf.get(entryId), stem, entryId)));
            var gone = without(was, now);
            if (!gone.isEmpty()) {
                forgotten.add(
                        db.deleteFrom(ENTRY_WORD).where(ENTRY_WORD.ENTRY_ID.eq(entryId), ENTRY_WORD.STEM.in(gone)));
            }
        });
        db.batch(forgotten).execute();
        if (!added.isEmpty()) {
            db.insertInto(ENTRY_WORD, ENTRY_WORD.OWNER_ID, ENTRY_WORD.STEM, ENTRY_WORD.ENTRY_ID)
                    .valuesOfRows(added)
                    .onDuplicateKeyIgnore()
                    .execute();
        }
    }

    private Map<UUID, Set<String>> stems(List<Owned> entries) {
        return entries.stream().collect(groupingBy(Owned::ownerId, mapping(Owned::entry, toList()))).entrySet().stream()
                .flatMap(owned -> findable.of(owned.getKey(), owned.getValue()).entrySet().stream())
                .collect(
                        toMap(Map.Entry::getKey, found -> stems(found.getValue().all())));
    }

    private static Set<String> stems(String text) {
        return Token.of(text).stream().map(token -> cut(token.stem())).collect(toSet());
    }

    private Map<UUID, Set<String>> stemsOf(Collection<UUID> entryIds) {
        return db
                .select(ENTRY_WORD.ENTRY_ID, ENTRY_WORD.STEM)
                .from(ENTRY_WORD)
                .where(ENTRY_WORD.ENTRY_ID.in(entryIds))
                .stream()
                .collect(groupingBy(Record2::value1, mapping(Record2::value2, toSet())));
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
