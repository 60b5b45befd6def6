package notchbook.core.text;

/** How many words a prompt asks for, both ends included. */
public record WordRange(int least, int most) {
    public WordRange {
        if (least < 0 || most < least) {
            throw new IllegalArgumentException("A range of " + least + " to " + most + " words can't be met.");
        }
    }

    public boolean contains(int words) {
        return least <= words && words <= most;
    }

    /** Where a count stands, as a student reads it: "112 of 100 to 150", "64, at least 36 more", "170, 20 too many". */
    public String place(int words) {
        if (words == 0) {
            return least + " to " + most + " words";
        }
        if (words < least) {
            return words + ", at least " + (least - words) + " more";
        }
        return words > most ? words + ", " + (words - most) + " too many" : words + " of " + least + " to " + most;
    }
}
