package notchbook.app.gather;

/** What a column of a table becomes, as a device says it; the first five are what every thing has. */
enum Into {
    NAME,
    ADDRESS,
    WHY,
    NOTE,
    HEADING,
    DETAIL,
    NOTHING
}
