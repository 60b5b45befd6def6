package notchbook.formats.gather;

/** A link of a bookmarks file: its name, its address, and the folders that it lies in, the outermost first and set apart by " › ". */
public record Bookmark(String title, String url, String folder, String note) {}
