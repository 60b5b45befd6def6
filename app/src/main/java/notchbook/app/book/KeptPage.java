package notchbook.app.book;

import notchbook.core.book.BookPage;

/** A page as it is kept, in its version. */
record KeptPage(BookPage page, int version) {}
