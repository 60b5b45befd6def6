package notchbook.app.noticeboard;

import static notchbook.tables.Tables.NOTICEBOARD_MEDIA;
import static notchbook.tables.Tables.NOTICEBOARD_PIECE;
import static notchbook.tables.Tables.SCHOOL_CLASS;

import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.Exhibit;
import notchbook.app.handin.SealedViews.SealedPageView;
import notchbook.app.noticeboard.PieceSource.OfCollection;
import notchbook.app.noticeboard.PieceSource.OfEntry;
import notchbook.app.noticeboard.PieceSource.OfPage;
import notchbook.core.noticeboard.Audience;
import notchbook.core.noticeboard.Piece;
import notchbook.core.noticeboard.Standing;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Repository
class PieceStore {
    private static final TypeReference<List<String>> WORDS = new TypeReference<>() {};
    private static final TypeReference<List<SealedPageView>> PAGES = new TypeReference<>() {};

    /** All but what it holds, which is as long as its pages. */
    private static final List<Field<?>> LINE = Stream.of(NOTICEBOARD_PIECE.fields())
            .filter(field -> !field.equals(NOTICEBOARD_PIECE.CONTENT))
            .toList();

    private final DSLContext db;
    private final JsonMapper mapper;

    PieceStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    boolean teacherSeesFirst(UUID classId) {
        return db.select(SCHOOL_CLASS.TEACHER_SEES_PIECES_FIRST)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.ID.eq(classId))
                .fetchSingle(SCHOOL_CLASS.TEACHER_SEES_PIECES_FIRST);
    }

    void letTeacherSeeFirst(UUID classId, boolean isFirst) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.TEACHER_SEES_PIECES_FIRST, isFirst)
                .where(SCHOOL_CLASS.ID.eq(classId))
                .execute();
    }

    /** All pieces for a class, wherever they stand, the latest first. */
    List<BoardPiece> of(UUID classId) {
        return fetch(NOTICEBOARD_PIECE.CLASS_ID.eq(classId));
    }

    Optional<BoardPiece> find(UUID id) {
        return fetch(NOTICEBOARD_PIECE.ID.eq(id)).stream().findFirst();
    }

    /** Those in which a media item is seen or heard. */
    List<BoardPiece> withMedia(UUID mediaId) {
        return fetch(NOTICEBOARD_PIECE.ID.in(db.select(NOTICEBOARD_MEDIA.PIECE_ID)
                .from(NOTICEBOARD_MEDIA)
                .where(NOTICEBOARD_MEDIA.MEDIA_ID.eq(mediaId))));
    }

    private List<BoardPiece> fetch(Condition which) {
        return db.select(LINE)
                .from(NOTICEBOARD_PIECE)
                .where(which)
                .orderBy(NOTICEBOARD_PIECE.SHOWN_AT.desc(), NOTICEBOARD_PIECE.ID)
                .fetch(this::piece);
    }

    List<SealedPageView> pages(UUID id) {
        return mapper.readValue(
                db.select(NOTICEBOARD_PIECE.CONTENT)
                        .from(NOTICEBOARD_PIECE)
                        .where(NOTICEBOARD_PIECE.ID.eq(id))
                        .fetchSingle(NOTICEBOARD_PIECE.CONTENT),
                PAGES);
    }

    /** Puts a piece on the board, or what it is now in the place of what it was; what was said about it stays. */
    void put(BoardPiece shown, Exhibit exhibit) {
        var piece = shown.piece();
        var row = new HashMap<Field<?>, @Nullable Object>();
        row.put(NOTICEBOARD_PIECE.AUDIENCE, piece.audience().name());
        row.put(NOTICEBOARD_PIECE.STANDING, piece.standing().name());
        row.put(NOTICEBOARD_PIECE.WORDS, shown.words());
        row.put(NOTICEBOARD_PIECE.TEACHER_WORDS, shown.teacherWords());
        row.put(NOTICEBOARD_PIECE.TITLE, shown.title());
        row.put(NOTICEBOARD_PIECE.TOPICS, mapper.writeValueAsString(shown.topics()));
        row.put(NOTICEBOARD_PIECE.PICTURE_ID, shown.picture().orElse(null));
        row.put(NOTICEBOARD_PIECE.FIRST_KIND, shown.kind().name());
        row.put(NOTICEBOARD_PIECE.FIRST_WORDS, shown.firstWords());
        row.put(NOTICEBOARD_PIECE.CONTENT, mapper.writeValueAsString(exhibit.pages()));
        row.put(NOTICEBOARD_PIECE.SHOWN_AT, shown.shownAt());
        db.insertInto(NOTICEBOARD_PIECE)
                .set(NOTICEBOARD_PIECE.ID, piece.id())
                .set(NOTICEBOARD_PIECE.CLASS_ID, piece.classId())
                .set(NOTICEBOARD_PIECE.OWNER_ID, piece.ownerId())
                .set(NOTICEBOARD_PIECE.SOURCE, kind(shown.source()))
                .set(NOTICEBOARD_PIECE.SOURCE_ID, shown.source().id())
                .set(row)
                .onDuplicateKeyUpdate()
                .set(row)
                .execute();
        db.deleteFrom(NOTICEBOARD_MEDIA)
                .where(NOTICEBOARD_MEDIA.PIECE_ID.eq(piece.id()))
                .execute();
        db.batch(exhibit.media().stream()
                        .map(media -> db.insertInto(NOTICEBOARD_MEDIA)
                                .set(NOTICEBOARD_MEDIA.PIECE_ID, piece.id())
                                .set(NOTICEBOARD_MEDIA.MEDIA_ID, media))
                        .toList())
                .execute();
    }

    void move(Piece moved, String teacherWords) {
        db.update(NOTICEBOARD_PIECE)
                .set(NOTICEBOARD_PIECE.STANDING, moved.standing().name())
                .set(NOTICEBOARD_PIECE.TEACHER_WORDS, teacherWords)
                .where(NOTICEBOARD_PIECE.ID.eq(moved.id()))
                .execute();
    }

    private BoardPiece piece(Record found) {
        return new BoardPiece(
                new Piece(
                        found.get(NOTICEBOARD_PIECE.ID),
                        found.get(NOTICEBOARD_PIECE.CLASS_ID),
                        found.get(NOTICEBOARD_PIECE.OWNER_ID),
                        Audience.valueOf(found.get(NOTICEBOARD_PIECE.AUDIENCE)),
                        Standing.valueOf(found.get(NOTICEBOARD_PIECE.STANDING))),
                source(found.get(NOTICEBOARD_PIECE.SOURCE), found.get(NOTICEBOARD_PIECE.SOURCE_ID)),
                found.get(NOTICEBOARD_PIECE.TITLE),
                found.get(NOTICEBOARD_PIECE.WORDS),
                found.get(NOTICEBOARD_PIECE.TEACHER_WORDS),
                mapper.readValue(found.get(NOTICEBOARD_PIECE.TOPICS), WORDS),
                EntryKind.valueOf(found.get(NOTICEBOARD_PIECE.FIRST_KIND)),
                Optional.ofNullable(found.get(NOTICEBOARD_PIECE.PICTURE_ID)),
                found.get(NOTICEBOARD_PIECE.FIRST_WORDS),
                found.get(NOTICEBOARD_PIECE.SHOWN_AT));
    }

    private static String kind(PieceSource source) {
        return switch (source) {
            case OfEntry entry -> "ENTRY";
            case OfPage page -> "PAGE";
            case OfCollection collection -> "COLLECTION";
        };
    }

    private static PieceSource source(String kind, UUID id) {
        return switch (kind) {
            case "ENTRY" -> new OfEntry(id);
            case "PAGE" -> new OfPage(id);
            default -> new OfCollection(id);
        };
    }
}
