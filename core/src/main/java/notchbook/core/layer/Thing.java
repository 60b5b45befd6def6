package notchbook.core.layer;

import java.util.OptionalLong;
import java.util.UUID;
import notchbook.core.ink.Stroke;

/** One thing on a picture. A locked one is not moved, changed or rubbed out until it is unlocked. */
public sealed interface Thing {
    int TIMED = 7;

    UUID id();

    boolean isLocked();

    /** The words it shows; blank for none. */
    default String words() {
        return "";
    }

    /** When it was made, in ms since 1970: its id says so, where it has one that does (UUIDv7). */
    default OptionalLong madeAt() {
        return id().version() == TIMED ? OptionalLong.of(id().getMostSignificantBits() >>> 16) : OptionalLong.empty();
    }

    /** How long its making took, in ms. */
    default int millis() {
        return 0;
    }

    record Ink(UUID id, boolean isLocked, Stroke stroke) implements Thing {
        @Override
        public OptionalLong madeAt() {
            return stroke.madeAt();
        }

        @Override
        public int millis() {
            return stroke.millis();
        }
    }

    record Label(UUID id, boolean isLocked, Lettering lettering) implements Thing {
        @Override
        public String words() {
            return lettering.words();
        }
    }

    /** A label in a frame, with a pointer to the place that it is about. */
    record Callout(UUID id, boolean isLocked, Lettering lettering, Place tip) implements Thing {
        @Override
        public String words() {
            return lettering.words();
        }
    }

    /** A frame around a part of the picture, from its top left to its bottom right. */
    record Box(UUID id, boolean isLocked, String colour, Place topLeft, Place bottomRight) implements Thing {
        public Box {
            if (!Stroke.isColour(colour)) {
                throw new IllegalArgumentException("A colour is written #RRGGBB, not “" + colour + "”.");
            }
            if (!(topLeft.x() < bottomRight.x() && topLeft.y() < bottomRight.y())) {
                throw new IllegalArgumentException("A box goes from its top left to its bottom right.");
            }
        }
    }

    /** A numbered place with what there is to say about it. Marks and links name it by its id. */
    record Spot(UUID id, boolean isLocked, int number, Place at, String words) implements Thing {
        private static final int MOST = 999;
        private static final int LONGEST = 500;

        public Spot {
            if (number < 1 || number > MOST) {
                throw new IllegalArgumentException("A spot has a number from 1 to 999, not " + number + ".");
            }
            if (words.length() > LONGEST) {
                throw new IllegalArgumentException("A spot has up to 500 characters. Write the rest as a note.");
            }
        }

        /** Its words, or else its number. */
        public String name() {
            return words.isBlank() ? "Spot " + number : words;
        }
    }
}
