package notchbook.app.find;

import static java.util.stream.Collectors.joining;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.ENTRY_WORDS;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.notebook.EntryContent;
import notchbook.app.notebook.EntryKept;
import notchbook.app.notebook.EntryKind;
import notchbook.core.find.Query;
import notchbook.core.find.Token;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Repository;

/** The index over the words of entries. It holds stems, so that the database's own word lists and lengths play no part. */
@Repository
class EntryWords {
    /** Makes every stem a word that the database indexes: long enough, and on no list of common words. */
    private static final String SIGN = "n_";

    private final DSLContext db;

    EntryWords(DSLContext db) {
        this.db = db;
    }

    @EventListener
    void keep(EntryKept kept) {
        var entry = kept.entry();
        keep(entry.id(), kept.ownerId(), text(entry.kind(), entry.caption(), entry.content()));
    }

    /** Entries that were kept before there was an index. */
    @EventListener(ApplicationReadyEvent.class)
    void catchUp() {
        db.select(ENTRY.ID, NOTEBOOK.OWNER_ID, ENTRY.KIND, ENTRY.CAPTION, ENTRY.CONTENT)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                .leftAntiJoin(ENTRY_WORDS)
                .on(ENTRY_WORDS.ENTRY_ID.eq(ENTRY.ID))
                .forEach(row -> keep(
                        row.value1(), row.value2(), text(EntryKind.valueOf(row.value3()), row.value4(), row.value5())));
    }

    /** The ids of a person's entries that hold every word of a query, what fits best first, in the bin or not. */
    List<UUID> find(UUID ownerId, Query query, int most) {
        var expression = expression(query);
        return db.select(ENTRY_WORDS.ENTRY_ID)
                .from(ENTRY_WORDS)
                .where(ENTRY_WORDS.OWNER_ID.eq(ownerId), matches(expression))
                .orderBy(relevance(expression).desc(), ENTRY_WORDS.ENTRY_ID.desc())
                .limit(most)
                .fetch(ENTRY_WORDS.ENTRY_ID);
    }

    /** What an entry can be found by. */
    static String text(EntryKind kind, String caption, String content) {
        return (caption + "\n" + EntryContent.words(kind, content)).strip();
    }

    private void keep(UUID entryId, UUID ownerId, String text) {
        var stems = Token.of(text).stream().map(token -> signed(token.stem())).collect(joining(" "));
        db.insertInto(ENTRY_WORDS)
                .set(ENTRY_WORDS.ENTRY_ID, entryId)
                .set(ENTRY_WORDS.OWNER_ID, ownerId)
                .set(ENTRY_WORDS.STEMS, stems)
                .onDuplicateKeyUpdate()
                .set(ENTRY_WORDS.STEMS, stems)
                .execute();
    }

    /** Letters and digits alone, since the database would cut a stem at anything else. */
    private static String signed(String stem) {
        return SIGN + stem.replaceAll("[^\\p{L}\\p{N}\\p{M}]", "_");
    }

    private static String expression(Query query) {
        var terms = query.terms().stream()
                .map(term -> term.isUnfinished()
                        ? "+(%s %s*)".formatted(signed(term.stem()), signed(term.word()))
                        : "+" + signed(term.stem()));
        var phrases = query.phrases().stream().flatMap(List::stream).map(stem -> "+" + signed(stem));
        return Stream.concat(terms, phrases).collect(joining(" "));
    }

    private static Condition matches(String expression) {
        return DSL.condition("match ({0}) against ({1} in boolean mode)", ENTRY_WORDS.STEMS, DSL.val(expression));
    }

    private static Field<Double> relevance(String expression) {
        return DSL.field(
                "match ({0}) against ({1} in boolean mode)", Double.class, ENTRY_WORDS.STEMS, DSL.val(expression));
    }
}
