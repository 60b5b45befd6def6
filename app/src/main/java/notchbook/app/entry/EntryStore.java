package notchbook.app.entry;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.ENTRY_MEDIA;
import static notchbook.tables.Tables.ENTRY_VERSION;
import static notchbook.tables.Tables.NOTCH;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.time.Instant;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.ZoneContent;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Records;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

@Repository
class EntryStore {
    private final DSLContext db;

    EntryStore(DSLContext db) {
        this.db = db;
    }

    /** A live entry. */
    Optional<Entry> find(UUID id) {
        return fetch(ENTRY.ID.eq(id).and(ENTRY.DELETED_AT.isNull())).stream().findFirst();
    }

    /** Those of these entries that are live, on live pages, in notebooks of this person. */
    List<Entry> findOwned(UUID personId, Collection<UUID> ids) {
        // In two steps: asked at once, the database goes through every entry on every page of this person's.
        var found = fetch(ENTRY.ID.in(ids).and(ENTRY.DELETED_AT.isNull()));
        var own = db.select(PAGE.ID)
                .from(PAGE)
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                .where(
                        PAGE.ID.in(found.stream()
                                .map(entry -> entry.place().pageId())
                                .collect(Collectors.toSet())),
                        NOTEBOOK.OWNER_ID.eq(personId),
                        PAGE.DELETED_AT.isNull(),
                        SECTION.DELETED_AT.isNull())
                .fetchSet(PAGE.ID);
        return found.stream()
                .filter(entry -> own.contains(entry.place().pageId()))
                .toList();
    }

    /** The longest waiting entries whose words are still to go into the index, of everyone or of one person. */
    List<Entries.Owned> withWordsDue(Optional<UUID> personId, int most) {
        var owners = db.select(ENTRY.ID, NOTEBOOK.OWNER_ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                .where(
                        ENTRY.WORDS_DUE.isTrue(),
                        personId.map(NOTEBOOK.OWNER_ID::eq).orElseGet(DSL::noCondition))
                .limit(most)
                .fetchMap(ENTRY.ID, NOTEBOOK.OWNER_ID);
        return owners.isEmpty()
                ? List.of()
                : fetch(ENTRY.ID.in(owners.keySet())).stream()
                        .map(entry -> new Entries.Owned(owners.get(entry.id()), entry))
                        .toList();
    }

    /** The words of these entries, as they are here, are in the index; those of a later version are still to go there. */
    void wordsTaken(List<Entry> entries) {
        db.batch(entries.stream()
                        .map(entry -> db.update(ENTRY)
                                .set(ENTRY.WORDS_DUE, false)
                                .where(ENTRY.ID.eq(entry.id()), ENTRY.VERSION.eq(entry.version())))
                        .toList())
                .execute();
    }

    /** The entries that show a media item or were made of it, in the bin or not. */
    List<Entry> withMedia(UUID mediaId) {
        return fetch(
                ENTRY.ID.in(db.select(ENTRY_MEDIA.ENTRY_ID).from(ENTRY_MEDIA).where(ENTRY_MEDIA.MEDIA_ID.eq(mediaId))));
    }

    /** A person's entries with this very content, in the bin or not. */
    List<Entry> withContent(UUID personId, EntryKind kind, String content) {
        return fetch(ENTRY.KIND
                .eq(kind.name())
                .and(ENTRY.CONTENT.eq(content))
                .and(ENTRY.PAGE_ID.in(db.select(PAGE.ID)
                        .from(PAGE)
                        .join(SECTION)
                        .on(SECTION.ID.eq(PAGE.SECTION_ID))
                        .join(NOTEBOOK)
                        .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                        .where(NOTEBOOK.OWNER_ID.eq(personId)))));
    }

    List<Entry> onPages(Collection<UUID> pageIds) {
        return fetch(ENTRY.PAGE_ID.in(pageIds).and(ENTRY.DELETED_AT.isNull()));
    }

    /** The live entries on live pages in live sections of a notebook. */
    List<Entry> inNotebook(UUID notebookId) {
        return fetch(isIn(List.of(notebookId)));
    }

    /** Those of these entries that are live in these notebooks. */
    List<Entry> among(Collection<UUID> notebookIds, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : fetch(ENTRY.ID.in(ids).and(isIn(notebookIds)));
    }

    private Condition isIn(Collection<UUID> notebookIds) {
        return ENTRY.DELETED_AT
                .isNull()
                .and(ENTRY.PAGE_ID.in(db.select(PAGE.ID)
                        .from(PAGE)
                        .join(SECTION)
                        .on(SECTION.ID.eq(PAGE.SECTION_ID))
                        .where(
                                SECTION.NOTEBOOK_ID.in(notebookIds),
                                SECTION.DELETED_AT.isNull(),
                                PAGE.DELETED_AT.isNull())));
    }

    /** How many live entries each page has; pages without any are not in it. */
    Map<UUID, Integer> counts(Collection<UUID> pageIds) {
        return db.select(ENTRY.PAGE_ID, DSL.count())
                .from(ENTRY)
                .where(ENTRY.PAGE_ID.in(pageIds), ENTRY.DELETED_AT.isNull())
                .groupBy(ENTRY.PAGE_ID)
                .fetchMap(ENTRY.PAGE_ID, DSL.count());
    }

    /** What lies in the zones of pages, by kind; words are not counted. */
    Map<UUID, List<ZoneContent>> kindsInZones(Collection<UUID> pageIds) {
        return db.select(ENTRY.PAGE_ID, ENTRY.ZONE, ENTRY.KIND, ENTRY.IS_EMPTY)
                .from(ENTRY)
                .where(ENTRY.PAGE_ID.in(pageIds), ENTRY.DELETED_AT.isNull())
                .fetchGroups(
                        ENTRY.PAGE_ID,
                        row -> new ZoneContent(
                                row.get(ENTRY.ZONE),
                                EntryKind.valueOf(row.get(ENTRY.KIND)).evidence(),
                                0,
                                row.get(ENTRY.IS_EMPTY)));
    }

    /** What live, non-empty entries of a notebook are notched to: no content, so that a whole year's work comes at once. */
    Collection<NotchedEntry> notched(UUID notebookId) {
        return notched(notebookId, DSL.noCondition());
    }

    /** The same by some lines alone: what else these entries are notched to is left out. */
    Collection<NotchedEntry> notched(UUID notebookId, Collection<UUID> lines) {
        return lines.isEmpty() ? List.of() : notched(notebookId, NOTCH.NODE_ID.in(lines));
    }

    private Collection<NotchedEntry> notched(UUID notebookId, Condition which) {
        var found = new HashMap<UUID, NotchedEntry>();
        db.select(ENTRY.ID, ENTRY.KIND, ENTRY.MADE_AT, NOTCH.NODE_ID)
                .from(notchedWork())
                .where(SECTION.NOTEBOOK_ID.eq(notebookId), isLiveWork(), which)
                .forEach(row -> found.computeIfAbsent(
                                row.value1(),
                                id -> new NotchedEntry(
                                        id, EntryKind.valueOf(row.value2()), row.value3(), new HashSet<>()))
                        .notches()
                        .add(row.value4()));
        return found.values();
    }

    /** How many live, non-empty entries of these kinds each page of a notebook has, and when they were made; pages without any are left out. */
    List<PageSpan> spans(UUID notebookId, List<EntryKind> kinds) {
        return db.select(ENTRY.PAGE_ID, DSL.count(), DSL.min(ENTRY.MADE_AT), DSL.max(ENTRY.MADE_AT))
                .from(placedWork())
                .where(isOf(notebookId, kinds))
                .groupBy(ENTRY.PAGE_ID)
                .fetch(Records.mapping(PageSpan::new));
    }

    /** The same by the month in which they were made. */
    List<MonthSpan> months(UUID notebookId, List<EntryKind> kinds) {
        var month = DSL.year(ENTRY.MADE_AT).mul(12).add(DSL.month(ENTRY.MADE_AT));
        return db.select(month, DSL.count(), DSL.min(ENTRY.MADE_AT), DSL.max(ENTRY.MADE_AT))
                .from(placedWork())
                .where(isOf(notebookId, kinds))
                .groupBy(month)
                .fetch(Records.mapping(MonthSpan::new));
    }

    /** The first or the last of all that lie on some pages. */
    UUID endOf(Collection<UUID> pageIds, List<EntryKind> kinds, boolean isLast) {
        return db.select(ENTRY.ID)
                .from(ENTRY)
                .where(ENTRY.PAGE_ID.in(pageIds), ENTRY.DELETED_AT.isNull(), ENTRY.IS_EMPTY.isFalse(), isOf(kinds))
                .orderBy(isLast ? ENTRY.MADE_AT.desc() : ENTRY.MADE_AT.asc(), isLast ? ENTRY.ID.desc() : ENTRY.ID.asc())
                .limit(1)
                .fetchSingle(ENTRY.ID);
    }

    /** Those that were made within a stretch of time, in no order. */
    List<Made> made(UUID notebookId, List<EntryKind> kinds, Stretch stretch) {
        return db.select(ENTRY.ID, ENTRY.MADE_AT)
                .from(placedWork())
                .where(isOf(notebookId, kinds), ENTRY.MADE_AT.between(stretch.first(), stretch.last()))
                .fetch(Records.mapping(Made::new));
    }

    /** An entry by when it was made. */
    record Made(UUID id, Instant at) {}

    private static Table<Record> placedWork() {
        return ENTRY.join(PAGE).on(PAGE.ID.eq(ENTRY.PAGE_ID)).join(SECTION).on(SECTION.ID.eq(PAGE.SECTION_ID));
    }

    private static Condition isOf(UUID notebookId, List<EntryKind> kinds) {
        return SECTION.NOTEBOOK_ID.eq(notebookId).and(isLiveWork()).and(isOf(kinds));
    }

    private static Condition isOf(List<EntryKind> kinds) {
        return kinds.size() == EntryKind.values().length
                ? DSL.noCondition()
                : ENTRY.KIND.in(kinds.stream().map(EntryKind::name).toList());
    }

    /** Of which kinds the live, non-empty entries of notebooks are that are notched to each line, by the notebook. */
    Map<UUID, Map<UUID, Set<EvidenceKind>>> kinds(Collection<UUID> notebookIds) {
        var found = new HashMap<UUID, Map<UUID, Set<EvidenceKind>>>();
        db.select(SECTION.NOTEBOOK_ID, ENTRY.KIND, NOTCH.NODE_ID)
                .from(notchedWork())
                .where(SECTION.NOTEBOOK_ID.in(notebookIds), isLiveWork())
                .forEach(row -> found.computeIfAbsent(row.value1(), notebook -> new HashMap<>())
                        .computeIfAbsent(row.value3(), line -> EnumSet.noneOf(EvidenceKind.class))
                        .add(EntryKind.valueOf(row.value2()).evidence()));
        return found;
    }

    private static Table<Record> notchedWork() {
        return NOTCH.join(PAGE)
                .on(PAGE.ID.eq(NOTCH.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(ENTRY)
                .on(ENTRY.ID.eq(NOTCH.ENTRY_ID));
    }

    private static Condition isLiveWork() {
        return SECTION.DELETED_AT
                .isNull()
                .and(PAGE.DELETED_AT.isNull())
                .and(ENTRY.DELETED_AT.isNull())
                .and(ENTRY.IS_EMPTY.isFalse());
    }

    /** An entry by what it is notched to. */
    record NotchedEntry(UUID id, EntryKind kind, Instant madeAt, Set<UUID> notches) {}

    void order(List<UUID> ids) {
        for (var position = 0; position < ids.size(); position++) {
            db.update(ENTRY)
                    .set(ENTRY.POSITION, position)
                    .where(ENTRY.ID.eq(ids.get(position)))
                    .execute();
        }
    }

    void delete(UUID id, Instant at) {
        db.update(ENTRY).set(ENTRY.DELETED_AT, at).where(ENTRY.ID.eq(id)).execute();
    }

    void cut(UUID entryId, UUID nodeId, UUID personId, Instant at) {
        db.insertInto(NOTCH, NOTCH.ENTRY_ID, NOTCH.NODE_ID, NOTCH.PAGE_ID, NOTCH.CUT_BY, NOTCH.CUT_AT)
                .select(DSL.select(ENTRY.ID, DSL.val(nodeId), ENTRY.PAGE_ID, DSL.val(personId), DSL.val(at))
                        .from(ENTRY)
                        .where(ENTRY.ID.eq(entryId)))
                .onDuplicateKeyIgnore()
                .execute();
    }

    void mend(UUID entryId, UUID nodeId) {
        db.deleteFrom(NOTCH)
                .where(NOTCH.ENTRY_ID.eq(entryId), NOTCH.NODE_ID.eq(nodeId))
                .execute();
    }

    /** The earlier states of an entry, the newest first. */
    List<EarlierEntry> earlier(UUID entryId) {
        return db.selectFrom(ENTRY_VERSION)
                .where(ENTRY_VERSION.ENTRY_ID.eq(entryId))
                .orderBy(ENTRY_VERSION.VERSION.desc())
                .fetch(found -> new EarlierEntry(
                        found.get(ENTRY_VERSION.VERSION),
                        found.get(ENTRY_VERSION.CONTENT),
                        found.get(ENTRY_VERSION.CAPTION),
                        found.get(ENTRY_VERSION.SAVED_AT)));
    }

    private List<Entry> fetch(Condition which) {
        var notches = notches(which);
        return db.selectFrom(ENTRY)
                .where(which)
                .orderBy(ENTRY.POSITION, ENTRY.MADE_AT, ENTRY.ID)
                .fetch(found -> EntryRow.of(found, notches.getOrDefault(found.get(ENTRY.ID), Set.of())));
    }

    private Map<UUID, Set<UUID>> notches(Condition which) {
        return db
                .select(NOTCH.ENTRY_ID, NOTCH.NODE_ID)
                .from(NOTCH)
                .join(ENTRY)
                .on(ENTRY.ID.eq(NOTCH.ENTRY_ID))
                .where(which)
                .fetch()
                .stream()
                .collect(Collectors.groupingBy(
                        link -> link.get(NOTCH.ENTRY_ID),
                        Collectors.mapping(link -> link.get(NOTCH.NODE_ID), Collectors.toSet())));
    }
}
