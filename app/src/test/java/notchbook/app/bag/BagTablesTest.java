package notchbook.app.bag;

import static notchbook.tables.Tables.ANNOUNCEMENT;
import static notchbook.tables.Tables.ANNOUNCEMENT_FOR;
import static notchbook.tables.Tables.ANNOUNCEMENT_READ;
import static notchbook.tables.Tables.BAG;
import static notchbook.tables.Tables.BOOK_PATTERN;
import static notchbook.tables.Tables.BROUGHT_BAG;
import static notchbook.tables.Tables.CLASS_GROUP;
import static notchbook.tables.Tables.CLASS_GROUP_MEMBER;
import static notchbook.tables.Tables.CLASS_PLAN;
import static notchbook.tables.Tables.COLLECTION_FOR_CLASS;
import static notchbook.tables.Tables.COLLECTION_FOR_GROUP;
import static notchbook.tables.Tables.COLLECTION_FOR_PERSON;
import static notchbook.tables.Tables.COLUMN_CHOICE;
import static notchbook.tables.Tables.COPY;
import static notchbook.tables.Tables.ENTRY_WORD;
import static notchbook.tables.Tables.FAILED_SIGN_IN;
import static notchbook.tables.Tables.FIRST_VISIT;
import static notchbook.tables.Tables.GATHERING;
import static notchbook.tables.Tables.JOB;
import static notchbook.tables.Tables.KNOWN_DEVICE;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.NOTICEBOARD_COMMENT;
import static notchbook.tables.Tables.NOTICEBOARD_MEDIA;
import static notchbook.tables.Tables.NOTICEBOARD_PIECE;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.PHONE_LINK;
import static notchbook.tables.Tables.READER_KEY;
import static notchbook.tables.Tables.READER_LINK;
import static notchbook.tables.Tables.READER_LINK_MEDIA;
import static notchbook.tables.Tables.READER_LINK_RULE;
import static notchbook.tables.Tables.READER_TRY;
import static notchbook.tables.Tables.REFERENCE_STYLE;
import static notchbook.tables.Tables.SCHOOL_BREAK;
import static notchbook.tables.Tables.SCHOOL_TERM;
import static notchbook.tables.Tables.SCHOOL_YEAR;
import static notchbook.tables.Tables.SET_WORK_FOR;
import static notchbook.tables.Tables.SET_WORK_LONGER;
import static notchbook.tables.Tables.SHOWN_MAIL;
import static notchbook.tables.Tables.STOCK_REMARK;
import static notchbook.tables.Tables.TALK_FILM;
import static notchbook.tables.Tables.TASK_FEED;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import notchbook.tables.DefaultSchema;
import org.jooq.Table;
import org.junit.jupiter.api.Test;

class BagTablesTest {
    /** What is the school's, a teacher's or a device's, or what can be made again. */
    private static final Set<Table<?>> STAYS = Set.of(
            READER_KEY,
            READER_LINK,
            READER_LINK_MEDIA,
            READER_LINK_RULE,
            READER_TRY,
            REFERENCE_STYLE,
            SHOWN_MAIL,
            ANNOUNCEMENT,
            ANNOUNCEMENT_FOR,
            ANNOUNCEMENT_READ,
            BAG,
            BROUGHT_BAG,
            BOOK_PATTERN,
            CLASS_GROUP,
            CLASS_GROUP_MEMBER,
            COLLECTION_FOR_CLASS,
            COLLECTION_FOR_GROUP,
            COLLECTION_FOR_PERSON,
            COLUMN_CHOICE,
            COPY,
            ENTRY_WORD,
            FAILED_SIGN_IN,
            FIRST_VISIT,
            GATHERING,
            JOB,
            KNOWN_DEVICE,
            NOTICEBOARD_COMMENT,
            NOTICEBOARD_MEDIA,
            NOTICEBOARD_PIECE,
            PHONE_LINK,
            SCHOOL_BREAK,
            SCHOOL_TERM,
            SCHOOL_YEAR,
            SET_WORK_FOR,
            SET_WORK_LONGER,
            STOCK_REMARK,
            TALK_FILM,
            TASK_FEED);

    /** A class's plan goes along as the student's own. */
    private static final Set<Table<?>> AS_ANOTHER = Set.of(CLASS_PLAN);

    @Test
    void takeEveryTableAlongOrSayThatItStays() {
        var told = Stream.of(BagTables.ALL.stream().<Table<?>>map(BagTable::table), STAYS.stream(), AS_ANOTHER.stream())
                .flatMap(tables -> tables)
                .collect(Collectors.toSet());
        assertThat(told).containsExactlyInAnyOrderElementsOf(DefaultSchema.DEFAULT_SCHEMA.getTables());
    }

    @Test
    void comeAfterThoseThatTheirRowsName() {
        assertThat(BagTables.ENTRIES.references().map(BagTable.Reference::to)).containsExactlyInAnyOrder(PAGE, MEDIA);
        var before = new HashSet<Table<?>>();
        for (var table : BagTables.ALL) {
            before.add(table.table());
            assertThat(table.references().map(BagTable.Reference::to)).isSubsetOf(before);
        }
    }
}
