package notchbook.app.reflection;

import notchbook.app.notebook.Notebook;

/** A sheet was kept, within the transaction that keeps it; {@code isRead} is whether its class's rule says that it is read. */
public record SheetKept(Notebook notebook, Reflection sheet, boolean isRead) {}
