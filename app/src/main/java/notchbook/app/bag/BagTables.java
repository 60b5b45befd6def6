package notchbook.app.bag;

import static notchbook.app.bag.BagTable.owned;
import static notchbook.app.bag.BagTable.part;
import static notchbook.app.bag.BagTable.shared;
import static notchbook.tables.Tables.BESIDE_SYLLABUS;
import static notchbook.tables.Tables.BOARD_PLACE;
import static notchbook.tables.Tables.BOARD_TIE;
import static notchbook.tables.Tables.BOOK;
import static notchbook.tables.Tables.BOOK_PAGE;
import static notchbook.tables.Tables.CLASS_MEMBER;
import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_DETAIL;
import static notchbook.tables.Tables.COLLECTION_ITEM;
import static notchbook.tables.Tables.COLLECTION_NOTCH;
import static notchbook.tables.Tables.COLLECTION_VIEW;
import static notchbook.tables.Tables.CUE_ASKED;
import static notchbook.tables.Tables.EDITION;
import static notchbook.tables.Tables.EDITION_MOVE;
import static notchbook.tables.Tables.EDITION_MOVE_PAIR;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.ENTRY_MEDIA;
import static notchbook.tables.Tables.ENTRY_VERSION;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.HAND_IN_AUTHOR;
import static notchbook.tables.Tables.HAND_IN_LEVEL;
import static notchbook.tables.Tables.HAND_IN_MEDIA;
import static notchbook.tables.Tables.HAND_IN_PART;
import static notchbook.tables.Tables.ITEM_NOTCH;
import static notchbook.tables.Tables.LINK_CARD;
import static notchbook.tables.Tables.LOOKED_AGAIN;
import static notchbook.tables.Tables.LOOK_BACK;
import static notchbook.tables.Tables.LOOK_BACK_ENTRY;
import static notchbook.tables.Tables.MARK;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.MEDIA_WORDS;
import static notchbook.tables.Tables.NOTCH;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.OWN_MARK;
import static notchbook.tables.Tables.OWN_PATTERN;
import static notchbook.tables.Tables.OWN_PLAN;
import static notchbook.tables.Tables.OWN_RATING;
import static notchbook.tables.Tables.OWN_TICK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.PAPER;
import static notchbook.tables.Tables.PAPER_MARK;
import static notchbook.tables.Tables.PERSON;
import static notchbook.tables.Tables.PROMPT_SET;
import static notchbook.tables.Tables.REFLECTION;
import static notchbook.tables.Tables.REFLECTION_VERSION;
import static notchbook.tables.Tables.REFUSED_POINT;
import static notchbook.tables.Tables.REMARK;
import static notchbook.tables.Tables.REMARK_ANSWER;
import static notchbook.tables.Tables.SCAN;
import static notchbook.tables.Tables.SCHOOL_CLASS;
import static notchbook.tables.Tables.SEAL_KEY;
import static notchbook.tables.Tables.SECTION;
import static notchbook.tables.Tables.SECTION_TOPIC;
import static notchbook.tables.Tables.SET_WORK;
import static notchbook.tables.Tables.SHOT;
import static notchbook.tables.Tables.SYLLABUS_NODE;
import static notchbook.tables.Tables.THEN_AND_NOW;
import static notchbook.tables.Tables.THING_MARK;
import static org.jooq.impl.DSL.falseCondition;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.or;
import static org.jooq.impl.DSL.select;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import notchbook.app.people.Role;
import org.jooq.Condition;
import org.jooq.Table;
import org.jooq.TableField;

/** The tables of a bag, each after those that its rows refer to. */
final class BagTables {
    static final BagTable NOTEBOOKS = owned(
            NOTEBOOK.OWNER_ID,
            whose -> NOTEBOOK.OWNER_ID
                    .eq(whose.person())
                    .and(whose.notebook().map(NOTEBOOK.ID::eq).orElseGet(() -> noCondition())),
            NOTEBOOK.CLASS_ID);
    private static final BagTable SECTIONS = part(NOTEBOOKS, SECTION.NOTEBOOK_ID);
    private static final BagTable PAGES = part(SECTIONS, PAGE.SECTION_ID);
    static final BagTable ENTRIES = part(PAGES, ENTRY.PAGE_ID, ENTRY.WRITER, ENTRY.WRITTEN_FROM, ENTRY.WORDS_DUE);
    private static final BagTable SCANS = part(PAGES, SCAN.PAGE_ID);
    private static final BagTable PAPERS = part(NOTEBOOKS, PAPER.NOTEBOOK_ID);
    private static final BagTable REFLECTIONS = part(NOTEBOOKS, REFLECTION.NOTEBOOK_ID);
    private static final BagTable LOOK_BACKS = part(NOTEBOOKS, LOOK_BACK.NOTEBOOK_ID);
    private static final BagTable MOVES = part(NOTEBOOKS, EDITION_MOVE.NOTEBOOK_ID);
    private static final BagTable MARKS = part(ENTRIES, MARK.ENTRY_ID);
    private static final BagTable COLLECTIONS = owned(COLLECTION.OWNER_ID, whole(COLLECTION.OWNER_ID));
    private static final BagTable ITEMS =
            part(COLLECTIONS, COLLECTION_ITEM.COLLECTION_ID, COLLECTION_ITEM.GATHERING_ID);

    /** What a student sent themself; what others sent that they worked on stays with those. */
    static final BagTable HAND_INS = owned(
            HAND_IN.STUDENT_ID,
            whose -> HAND_IN.STUDENT_ID.eq(whose.person()).and(HAND_IN.NOTEBOOK_ID.in(NOTEBOOKS.ids(whose))));

    private static final BagTable HAND_IN_AUTHORS = part(HAND_INS, HAND_IN_AUTHOR.HAND_IN_ID);
    private static final BagTable REMARKS = part(HAND_INS, REMARK.HAND_IN_ID);

    static final BagTable SET_WORKS = shared(
            SET_WORK,
            whose -> SET_WORK.ID.in(select(HAND_IN.SET_WORK_ID).from(HAND_IN).where(mine(HAND_INS, whose))));

    static final BagTable CLASSES = shared(
            SCHOOL_CLASS,
            whose -> SCHOOL_CLASS.ID.in(select(HAND_IN.CLASS_ID).from(HAND_IN).where(mine(HAND_INS, whose))),
            SCHOOL_CLASS.BROUGHT_BY);

    /** Of the others in a class only who teaches it is told. */
    private static final BagTable TEACHERS = part(CLASSES, CLASS_MEMBER.CLASS_ID, whose -> CLASS_MEMBER
            .CLASS_ID
            .in(CLASSES.ids(whose))
            .and(CLASS_MEMBER.PERSON_ID.in(select(PERSON.ID).from(PERSON).where(PERSON.ROLE.eq(Role.TEACHER.name())))));

    static final BagTable EDITIONS = shared(
            EDITION,
            whose -> or(
                    EDITION.ID.in(select(NOTEBOOK.EDITION_ID).from(NOTEBOOK).where(mine(NOTEBOOKS, whose))),
                    EDITION.ID.in(
                            select(EDITION_MOVE.FROM_EDITION).from(EDITION_MOVE).where(mine(MOVES, whose))),
                    EDITION.ID.in(
                            select(EDITION_MOVE.TO_EDITION).from(EDITION_MOVE).where(mine(MOVES, whose))),
                    EDITION.ID.in(select(SYLLABUS_NODE.EDITION_ID)
                            .from(SYLLABUS_NODE)
                            .join(SET_WORK)
                            .on(SET_WORK.TOPIC_ID.eq(SYLLABUS_NODE.ID))
                            .where(mine(SET_WORKS, whose)))),
            EDITION.ADDED_BY);

    /** The lines that all have, and those of the person's own. */
    static final BagTable LINES = part(EDITIONS, SYLLABUS_NODE.EDITION_ID, whose -> SYLLABUS_NODE
            .EDITION_ID
            .in(EDITIONS.ids(whose))
            .and(SYLLABUS_NODE.NOTEBOOK_ID.isNull().or(SYLLABUS_NODE.NOTEBOOK_ID.in(NOTEBOOKS.ids(whose)))));

    /** The cards of one notebook's links are fetched again. */
    private static final BagTable CARDS = owned(LINK_CARD.OWNER_ID, whole(LINK_CARD.OWNER_ID));

    private static final BagTable PATTERNS = owned(OWN_PATTERN.OWNER_ID, whole(OWN_PATTERN.OWNER_ID));

    private static final BagTable PROMPT_SETS = owned(PROMPT_SET.PERSON_ID, whole(PROMPT_SET.PERSON_ID));

    private static final BagTable BOOKS = owned(BOOK.OWNER_ID, whole(BOOK.OWNER_ID));

    private static final BagTable OWN_MARKS = owned(OWN_MARK.OWNER_ID, whose -> OWN_MARK.OWNER_ID
            .eq(whose.person())
            .and(OWN_MARK.ID
                    .in(select(MARK.OWN_ID).from(MARK).where(mine(MARKS, whose)))
                    .or(whole(OWN_MARK.OWNER_ID).apply(whose))));

    static final BagTable KEYS = shared(
            SEAL_KEY,
            whose -> SEAL_KEY.ID.in(select(HAND_IN.KEY_ID).from(HAND_IN).where(mine(HAND_INS, whose))),
            SEAL_KEY.PRIVATE_KEY);

    static final BagTable MEDIA_ITEMS = owned(MEDIA.OWNER_ID, whose -> named(MEDIA, MEDIA.ID, whose));

    static final BagTable PEOPLE = shared(
            PERSON,
            whose -> PERSON.ID.eq(whose.person()).or(named(PERSON, PERSON.ID, whose)),
            PERSON.USER_NAME,
            PERSON.PASSWORD_HASH,
            PERSON.BROUGHT_BY);

    static final List<BagTable> ALL = List.of(
            PEOPLE,
            CLASSES,
            TEACHERS,
            MEDIA_ITEMS,
            part(MEDIA_ITEMS, MEDIA_WORDS.MEDIA_ID),
            KEYS,
            EDITIONS,
            NOTEBOOKS,
            LINES,
            SET_WORKS,
            OWN_MARKS,
            PATTERNS,
            PROMPT_SETS,
            BOOKS,
            part(BOOKS, BOOK_PAGE.BOOK_ID),
            CARDS,
            SECTIONS,
            part(SECTIONS, SECTION_TOPIC.SECTION_ID),
            PAGES,
            ENTRIES,
            part(ENTRIES, ENTRY_MEDIA.ENTRY_ID),
            part(ENTRIES, ENTRY_VERSION.ENTRY_ID),
            part(ENTRIES, NOTCH.ENTRY_ID, NOTCH.PAGE_ID),
            MARKS,
            part(ENTRIES, CUE_ASKED.CUE),
            part(ENTRIES, REFUSED_POINT.ENTRY_ID),
            part(ENTRIES, BESIDE_SYLLABUS.ENTRY_ID),
            SCANS,
            part(SCANS, SHOT.SCAN_ID),
            PAPERS,
            part(PAPERS, PAPER_MARK.PAPER_ID),
            part(NOTEBOOKS, LOOKED_AGAIN.NOTEBOOK_ID),
            part(NOTEBOOKS, OWN_TICK.NOTEBOOK_ID),
            part(NOTEBOOKS, OWN_PLAN.NOTEBOOK_ID),
            REFLECTIONS,
            part(REFLECTIONS, OWN_RATING.REFLECTION_ID),
            part(REFLECTIONS, REFLECTION_VERSION.REFLECTION_ID),
            LOOK_BACKS,
            part(LOOK_BACKS, LOOK_BACK_ENTRY.LOOK_BACK_ID),
            part(NOTEBOOKS, THEN_AND_NOW.NOTEBOOK_ID),
            MOVES,
            part(MOVES, EDITION_MOVE_PAIR.MOVE_ID),
            COLLECTIONS,
            ITEMS,
            part(ITEMS, ITEM_NOTCH.ITEM_ID),
            part(ITEMS, THING_MARK.ITEM_ID),
            part(COLLECTIONS, COLLECTION_NOTCH.COLLECTION_ID),
            part(COLLECTIONS, COLLECTION_DETAIL.COLLECTION_ID),
            part(COLLECTIONS, COLLECTION_VIEW.COLLECTION_ID),
            part(ITEMS, BOARD_PLACE.ITEM_ID),
            part(COLLECTIONS, BOARD_TIE.COLLECTION_ID),
            HAND_INS,
            part(HAND_INS, HAND_IN_PART.HAND_IN_ID),
            part(HAND_INS, HAND_IN_MEDIA.HAND_IN_ID),
            HAND_IN_AUTHORS,
            part(HAND_INS, HAND_IN_LEVEL.HAND_IN_ID),
            REMARKS,
            part(REMARKS, REMARK_ANSWER.REMARK_ID));

    /** What stands for the school itself comes along as a copy that only its reader has. */
    static final Set<Table<?>> OF_THE_SCHOOL = Set.of(PERSON, SCHOOL_CLASS, SET_WORK);

    private BagTables() {}

    static BagTable of(Table<?> table) {
        return ALL.stream().filter(one -> one.table().equals(table)).findFirst().orElseThrow();
    }

    private static Condition mine(BagTable table, Whose whose) {
        return table.which().apply(whose);
    }

    /** What belongs to the person and to no notebook goes along where everything does. */
    private static Function<Whose, Condition> whole(TableField<?, UUID> owner) {
        return whose -> whose.notebook().isPresent() ? falseCondition() : owner.eq(whose.person());
    }

    /** What any row of the bag names. */
    private static Condition named(Table<?> table, TableField<?, UUID> id, Whose whose) {
        return or(ALL.stream()
                .filter(other -> !isPartOf(other, table))
                .flatMap(other -> other.references()
                        .filter(reference -> reference.to().equals(table))
                        .map(reference -> id.in(select(reference.from())
                                .from(other.table())
                                .where(other.which().apply(whose)))))
                .toList());
    }

    private static boolean isPartOf(BagTable other, Table<?> table) {
        return other.place() instanceof BagTable.Part part
                && part.whole().table().equals(table);
    }
}
