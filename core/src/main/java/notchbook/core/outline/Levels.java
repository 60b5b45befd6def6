package notchbook.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import notchbook.core.outline.Annotations.Share;
import notchbook.core.outline.Marker.Bullet;
import notchbook.core.outline.Marker.Named;
import notchbook.core.outline.Marker.Numbered;
import notchbook.core.outline.Marker.Sign;
import notchbook.core.syllabus.Tier;

/** Tells how deep each piece of a document stands, going down it with the levels that are open. */
final class Levels {
    /** Lines whose indents differ by no more stand equally deep; in widths of a letter. */
    private static final double SAME_INDENT = 1.2;

    /** As many words with a full stop are prose about what is above them. */
    private static final int WORDS_OF_PROSE = 14;

    /** The same where points don't end with one. */
    private static final int WORDS_OF_A_SENTENCE = 6;

    /** Points don't end with a full stop when fewer do, as a share. */
    private static final double FEW_STOPS = 0.3;

    /** As many words are prose whatever they end with. */
    private static final int WORDS_WITHOUT_STOP = 30;

    /** More levels than any syllabus has. */
    private static final int DEEPEST = 12;

    /** How many ranks lines may have that look alike. */
    private static final int RANKS = 3;

    private final List<Piece> pieces;
    private final boolean hasMarkers;
    private final int wordsOfProse;
    private final boolean areGaps;
    private final Blocks blocks;
    private final List<Placed> placed = new ArrayList<>();
    private final List<LeftOut> leftOut = new ArrayList<>();
    private final OpenLevels open = new OpenLevels();
    private Optional<Tier> tier = Optional.empty();
    private int tierDepth;

    private Levels(List<Piece> pieces) {
        this.pieces = pieces;
        this.hasMarkers =
                pieces.stream().filter(piece -> piece.marker().isPresent()).count() * 5 >= pieces.size();
        this.areGaps = pieces.stream().anyMatch(piece -> piece.first().isAfterGap());
        this.blocks = new Blocks(pieces);
        var marked = pieces.stream().filter(piece -> piece.marker().isPresent()).toList();
        var stopped =
                marked.stream().filter(piece -> piece.text().endsWith(".")).count();
        this.wordsOfProse = stopped < FEW_STOPS * marked.size() ? WORDS_OF_A_SENTENCE : WORDS_OF_PROSE;
    }

    /** A piece with its depth, what is said beside it, and what is unsure. */
    record Placed(
            Piece piece,
            int depth,
            Optional<Tier> tier,
            Optional<Share> share,
            String note,
            Optional<String> question) {
        Placed noting(String more) {
            return new Placed(piece, depth, tier, share, (note + " " + more).strip(), question);
        }

        Placed weighing(Share newShare) {
            return new Placed(piece, depth, tier, Optional.of(newShare), note, question);
        }

        Placed at(int newDepth) {
            return new Placed(piece, newDepth, tier, share, note, question);
        }
    }

    record Result(List<Placed> placed, List<LeftOut> leftOut) {}

    static Result of(List<Piece> pieces) {
        var overLists = LeadIn.among(pieces);
        var levels = new Levels(
                pieces.stream().filter(piece -> !overLists.contains(piece)).toList());
        overLists.forEach(piece -> levels.leave(piece, "says what the list after it is"));
        var end = levels.end();
        IntStream.range(0, end).forEach(levels::place);
        levels.pieces.stream()
                .skip(end)
                .forEach(piece -> levels.leave(piece, "stands after the last line of the list"));
        return new Result(levels.placed, levels.leftOut);
    }

    /** Lines without numbers at the end of a list, apart from it, are none of it. */
    private int end() {
        var last = IntStream.iterate(pieces.size() - 1, i -> i >= 0, i -> i - 1)
                .filter(i -> pieces.get(i).marker().isPresent())
                .findFirst()
                .orElse(pieces.size() - 1);
        var isApart = last + 1 < pieces.size() && pieces.get(last + 1).first().isAfterGap();
        return hasMarkers && isApart ? last + 1 : pieces.size();
    }

    private void place(int at) {
        var piece = pieces.get(at);
        var aloneTier = Annotations.tierAlone(piece.text());
        var aloneShare = Annotations.weightAlone(piece.text());
        if (piece.marker().isEmpty() && aloneTier.isPresent()) {
            tier = aloneTier;
            tierDepth = open.heading().map(Open::depth).orElse(-1);
        } else if (piece.marker().isEmpty() && aloneShare.isPresent()) {
            weigh(aloneShare.get());
        } else if (piece.marker().isEmpty() && isProse(piece)) {
            note(piece);
        } else {
            piece.marker().ifPresentOrElse(marker -> placeMarked(at, marker), () -> placeText(at));
        }
    }

    private void leave(Piece piece, String reason) {
        leftOut.add(new LeftOut(piece.first().number(), piece.text(), reason));
    }

    private void note(Piece piece) {
        if (placed.isEmpty()) {
            leave(piece, "stands before the first heading");
            return;
        }
        var place = open.heading().map(Open::depth).orElse(placed.getLast().depth());
        var heading = IntStream.iterate(placed.size() - 1, i -> i >= 0, i -> i - 1)
                .filter(i -> placed.get(i).depth() <= place)
                .findFirst()
                .orElse(0);
        placed.set(heading, placed.get(heading).noting(piece.text()));
    }

    private void weigh(Share share) {
        var place = open.heading().map(Open::depth).orElse(0);
        IntStream.iterate(placed.size() - 1, i -> i >= 0, i -> i - 1)
                .filter(i -> placed.get(i).depth() == place)
                .findFirst()
                .ifPresent(i -> placed.set(i, placed.get(i).weighing(share)));
    }

    private boolean isProse(Piece piece) {
        var words = piece.text().split("\\s+").length;
        var isUnder = open.last(one -> !one.isList() && !one.isHeading())
                .filter(one -> piece.indent() > one.indent() + SAME_INDENT)
                .isPresent();
        return hasMarkers
                && piece.prominence() == 0
                && (!isUnder && words >= wordsOfProse && piece.text().matches("(?s).*[.:]")
                        || words >= WORDS_WITHOUT_STOP);
    }

    private void placeMarked(int at, Marker marker) {
        switch (marker) {
            case Named named -> placeNamed(at, named);
            case Numbered numbered when numbered.path().size() > 1 || numbered.hasLetters() -> placePath(at, numbered);
            case Numbered numbered -> placeListed(at, numbered.style(), ordinal(numbered), numbered.path());
            case Sign sign -> placeSign(at, sign);
            case Bullet bullet -> placeBullet(at, bullet);
        }
    }

    private void placeNamed(int at, Named named) {
        var same = open.last(one -> one.style().equals(named.word()));
        same.ifPresentOrElse(
                one -> open.closeTo(one.depth()),
                () -> open.closeWhile(one -> rank(one) > named.rank() || rank(one) == 0 && !one.isHeading()));
        if (same.isEmpty()) {
            open.closeWhile(one -> one.isHeading() && open.isAny(other -> rank(other) > named.rank()));
        }
        add(
                at,
                new Open(
                        named.word(),
                        open.depth(),
                        0,
                        List.of(named.number().split("\\.")),
                        pieces.get(at).indent(),
                        false,
                        0));
    }

    private static int rank(Open one) {
        return Markers.rank(one.style());
    }

    private void placePath(int at, Numbered numbered) {
        var path = numbered.path();
        var above = path.subList(0, path.size() - 1);
        var sibling = open.last(one -> one.path().size() == path.size()
                && (path.size() > 1 || one.style().equals(numbered.style()))
                && one.path().subList(0, above.size()).equals(above));
        var depth = sibling.map(Open::depth).orElseGet(() -> underPrefix(path));
        open.closeTo(depth);
        var isJump = sibling.filter(
                        one -> isNumber(path.getLast()) && isNumber(one.path().getLast()))
                .filter(one -> Integer.parseInt(path.getLast())
                        != Integer.parseInt(one.path().getLast()) + 1);
        add(
                at,
                new Open(numbered.style(), open.depth(), 0, path, pieces.get(at).indent(), false, 0),
                isJump.map(one -> "%s comes after %s here. Is a line missing, or is this a part of the line above it?"
                        .formatted(numbered.written(), String.join(".", one.path()))));
    }

    private int underPrefix(List<String> path) {
        var prefix = open.last(one -> !one.path().isEmpty() && isShorter(one, path) && startsWith(path, one.path()));
        if (prefix.isPresent()) {
            var heading = open.last(Open::isHeading)
                    .filter(one -> one.depth() > prefix.get().depth());
            return heading.orElse(prefix.get()).depth() + 1;
        }
        var alike = open.last(one -> one.path().size() == path.size());
        return alike.map(Open::depth)
                .orElseGet(() -> open.first(one -> one.path().size() > path.size())
                        .map(Open::depth)
                        .orElseGet(() -> open.last(one -> one.isHeading() || rank(one) > 0)
                                .map(one -> one.depth() + 1)
                                .orElse(0)));
    }

    /** "Unit A" is over "A1" though each has one part. */
    private static boolean isShorter(Open one, List<String> path) {
        return one.path().size() < path.size() || rank(one) > 0 && one.path().size() == path.size();
    }

    /** "Unit 2" or "P2" holds "2.1" and "P2.1". */
    private static boolean startsWith(List<String> path, List<String> start) {
        return path.subList(0, start.size()).equals(start)
                || start.size() == 1
                        && path.getFirst().replaceAll("^[A-Z-]+", "").equals(start.getFirst())
                || start.size() == 1 && path.getFirst().replaceAll("\\d+$", "").equals(start.getFirst());
    }

    private void placeSign(int at, Sign sign) {
        var isRoman = new RomanOrLetter(open, pieces).isRoman(at, sign);
        var ordinal = (isRoman ? sign.asRoman() : sign.asLetter()).orElse(0);
        placeListed(at, sign.style() + (isRoman ? "i" : ""), ordinal, List.of());
    }

    private void placeListed(int at, String style, int ordinal, List<String> path) {
        var next = open.last(one -> one.style().equals(style) && one.ordinal() + 1 == ordinal);
        var same = open.last(one -> one.style().equals(style));
        var isNewList = next.isEmpty() && ordinal <= 1;
        var indent = pieces.get(at).indent();
        if (isNewList && !open.isEmpty() && open.deepest().style().equals(style)) {
            // A list in which every line has the first number.
            open.closeTo(open.deepest().depth());
        } else if (isNewList) {
            same.filter(one -> Math.abs(one.indent() - indent) <= SAME_INDENT
                            && open.deepest() != one
                            && isUnderHeading(one))
                    .ifPresent(one -> open.closeTo(one.depth()));
        } else {
            next.or(() -> same).ifPresent(one -> open.closeTo(one.depth()));
        }
        var isJump = next.isEmpty() && !isNewList && !placed.isEmpty();
        var marker = pieces.get(at).marker().map(Marker::written).orElse("");
        // A number of one part at the top of a document is a heading; further down it counts a list.
        var isList = !open.isEmpty() && path.isEmpty()
                || open.isAny(one -> one.path().size() > 1);
        add(
                at,
                new Open(style, open.depth(), ordinal, path, indent, isList, 0),
                isJump
                        ? Optional.of(
                                "The number %s does not go on from the line before. Is a line missing, or is this a part of the line above it?"
                                        .formatted(marker))
                        : Optional.empty());
    }

    private boolean isUnderHeading(Open one) {
        return open.isAny(other -> other.isHeading() && other.depth() > one.depth());
    }

    private void placeBullet(int at, Bullet bullet) {
        var indent = pieces.get(at).indent();
        var same =
                open.last(one -> one.style().equals(bullet.style()) && Math.abs(one.indent() - indent) <= SAME_INDENT);
        if (same.isPresent()) {
            open.closeTo(same.get().depth());
        } else {
            var deeper = open.last(one -> one.isList() && one.indent() < indent - SAME_INDENT);
            var equal = open.last(one -> one.style().equals(bullet.style()));
            if (deeper.isPresent()) {
                open.closeTo(deeper.get().depth() + 1);
            } else if (equal.isPresent()) {
                open.closeTo(open.first(one -> one.style().equals(bullet.style()))
                        .orElseThrow()
                        .depth());
            }
        }
        add(at, new Open(bullet.style(), open.depth(), 0, List.of(), indent, true, 0));
    }

    /** A line without a marker: a heading, a point in a document without markers, or nobody knows. */
    private void placeText(int at) {
        var piece = pieces.get(at);
        var indent = piece.indent();
        if (hasMarkers) {
            open.closeWhile(Open::isList);
            var same = open.last(one -> one.isHeading()
                    && one.prominence() == prominence(at)
                    && Math.abs(one.indent() - indent) <= SAME_INDENT);
            same.ifPresentOrElse(
                    one -> open.closeTo(one.depth()),
                    () -> open.closeWhile(one -> one.isHeading()
                            && (one.prominence() < prominence(at)
                                    || one.prominence() == prominence(at) && one.indent() >= indent)));
        } else {
            open.closeWhile(one -> one.prominence() < prominence(at)
                    || one.prominence() == prominence(at) && one.indent() >= indent - SAME_INDENT);
        }
        var opened = new Open(Open.TEXT, open.depth(), 0, List.of(), indent, false, prominence(at));
        add(
                at,
                opened,
                isHeading(at)
                        ? Optional.empty()
                        : Optional.of("This line has no number of its own. Is it a line of the syllabus?"));
    }

    /** Of two headings that look alike and follow each other, the first is the larger one. */
    private int prominence(int at) {
        var own = pieces.get(at).prominence();
        if (!hasMarkers) {
            return RANKS * own + blocks.rank(at);
        }
        var isOverAnother =
                (pieces.get(at + 1 == pieces.size() ? at : at + 1).first().isAfterGap() || !areGaps)
                        && at + 2 < pieces.size()
                        && isLike(pieces.get(at), pieces.get(at + 1))
                        && isHeading(at + 1);
        return RANKS * own + (isOverAnother ? 1 : 0);
    }

    private boolean isLike(Piece piece, Piece next) {
        return next.marker().isEmpty()
                && !isProse(next)
                && !Annotations.isAlone(next.text())
                && next.prominence() == piece.prominence()
                && Math.abs(next.indent() - piece.indent()) <= SAME_INDENT;
    }

    private boolean isHeading(int at) {
        var piece = pieces.get(at);
        if (!hasMarkers || piece.prominence() > 0) {
            return true;
        }
        var next = pieces.stream().skip(at + 1L).findFirst();
        return !piece.text().endsWith(".")
                && next.filter(one -> one.marker().isPresent()).isPresent();
    }

    private void add(int at, Open level) {
        add(at, level, Optional.empty());
    }

    private void add(int at, Open level, Optional<String> question) {
        if (level.depth() <= tierDepth) {
            tier = Optional.empty();
            tierDepth = -1;
        }
        open.closeTo(DEEPEST);
        open.open(level);
        var piece = pieces.get(at);
        var asked = question.or(
                () -> piece.isUnsure() ? Optional.of("Lines were joined here. Are they one?") : Optional.empty());
        placed.add(new Placed(piece, open.depth() - 1, tier, Optional.empty(), piece.note(), asked));
    }

    private static boolean isNumber(String part) {
        return part.matches("\\d{1,6}");
    }

    private static int ordinal(Numbered numbered) {
        var digits = numbered.path().getFirst().replaceAll("\\D", "");
        return Integer.parseInt(digits);
    }
}
