package notchbook.core.outline;

import java.util.List;
import notchbook.core.outline.Marker.Sign;

/** Tells "(i)" the letter after "(h)" from "(i)" the first of a Roman list. */
record RomanOrLetter(OpenLevels open, List<Piece> pieces) {
    boolean isRoman(int at, Sign sign) {
        if (sign.asLetter().isEmpty() || sign.asRoman().isEmpty()) {
            return sign.asRoman().isPresent();
        }
        var isNextLetter = isNext(sign.style(), sign.asLetter().get());
        var isNextRoman = isNext(sign.style() + "i", sign.asRoman().get());
        var isFirstRoman = sign.asRoman().get() == 1;
        if (isNextLetter != isNextRoman && !isFirstRoman) {
            return isNextRoman;
        }
        return isNextLetter ? isFollowedAsRoman(at, sign) : isNextRoman || isFirstRoman;
    }

    private boolean isNext(String style, int ordinal) {
        return open.isAny(one -> one.style().equals(style) && one.ordinal() + 1 == ordinal);
    }

    /** What comes after it decides: "(j)" or "(ii)". */
    private boolean isFollowedAsRoman(int at, Sign sign) {
        return pieces.stream()
                .skip(at + 1L)
                .flatMap(piece -> piece.marker().stream())
                .filter(marker -> marker.style().equals(sign.style()))
                .map(Sign.class::cast)
                .findFirst()
                .flatMap(Sign::asRoman)
                .equals(sign.asRoman().map(one -> one + 1));
    }
}
