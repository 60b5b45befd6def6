package notchbook.core.outline;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Lines without numbers and indents. Among sentences, what is none is over them; parted by empty lines, what stands alone, or
 * else first, is over what follows.
 */
final class Blocks {
    private final List<Piece> pieces;
    private final boolean areIndents;
    private final boolean areSentences;
    private final boolean areLoneLines;

    Blocks(List<Piece> pieces) {
        this.pieces = pieces;
        this.areIndents = pieces.stream().mapToDouble(Piece::indent).distinct().count() > 1;
        this.areSentences =
                IntStream.range(0, pieces.size()).filter(this::isSentence).count() * 2 >= pieces.size();
        this.areLoneLines = IntStream.range(0, pieces.size()).anyMatch(this::isAlone);
    }

    /** How many levels a line is over the lowest. */
    int rank(int at) {
        if (areIndents) {
            return 0;
        }
        if (areSentences) {
            return isSentence(at) ? 0 : at + 1 < pieces.size() && !isSentence(at + 1) ? 2 : 1;
        }
        return (areLoneLines ? isAlone(at) : isFirst(at)) ? 1 : 0;
    }

    private boolean isSentence(int at) {
        return pieces.get(at).text().endsWith(".");
    }

    private boolean isAlone(int at) {
        return begins(at) && at + 1 < pieces.size() && begins(at + 1);
    }

    private boolean isFirst(int at) {
        return begins(at)
                && at + 1 < pieces.size()
                && !begins(at + 1)
                && IntStream.range(1, pieces.size()).anyMatch(this::begins);
    }

    private boolean begins(int at) {
        return at == 0 || pieces.get(at).first().isAfterGap();
    }
}
