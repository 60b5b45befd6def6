package notchbook.core.handin;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What a student takes to hand it in (docs/rules.md, Work and its versions). */
public sealed interface Picked {
    Scope scope();

    /** Whether another version of this would be of the same work. */
    default boolean isSameWorkAs(Picked other) {
        return equals(other);
    }

    record OfSection(UUID section) implements Picked {
        @Override
        public Scope scope() {
            return Scope.SECTION;
        }
    }

    /** Pages of one notebook, in the order in which they are read. */
    record OfPages(List<UUID> pages) implements Picked {
        public OfPages {
            pages = pages.stream().distinct().toList();
        }

        @Override
        public Scope scope() {
            return Scope.PAGES;
        }

        /** Pages come and go from version to version; one that stayed makes it the same work. */
        @Override
        public boolean isSameWorkAs(Picked other) {
            return other instanceof OfPages(var others) && others.stream().anyMatch(pages::contains);
        }
    }

    /** A book of the year, of as many notebooks as it has. */
    record OfBook(UUID book) implements Picked {
        @Override
        public Scope scope() {
            return Scope.BOOK;
        }
    }

    /** A collection, with all its things. */
    record OfCollection(UUID collection) implements Picked {
        @Override
        public Scope scope() {
            return Scope.COLLECTION;
        }
    }

    /** The sheet of a week, with the work that it looks back on. */
    record OfSheet(UUID notebook, LocalDate monday) implements Picked {
        @Override
        public Scope scope() {
            return Scope.SHEET;
        }
    }
}
