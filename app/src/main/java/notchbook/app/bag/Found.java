package notchbook.app.bag;

import java.util.List;
import notchbook.formats.bag.BagFault;

/**
 * What a bag holds, counted; what is wrong with it, file by file; and once it is taken in, how many of its seals hold, and how
 * many lines were left out because the syllabus here has their points no more.
 */
record Found(
        String description,
        List<Title> notebooks,
        int pages,
        int entries,
        int media,
        int collections,
        int versions,
        List<BagFault> faults,
        int moreFaults,
        int sealsHold,
        int lost) {
    static final Found NOTHING = new Found("", List.of(), 0, 0, 0, 0, 0, List.of(), 0, 0, 0);

    /** As many as somebody reads. */
    private static final int MOST_FAULTS = 100;

    /** A notebook of the bag, and whether it is here already. */
    record Title(String title, boolean isHere) {}

    static Found damaged(List<BagFault> faults) {
        var shown = faults.stream().limit(MOST_FAULTS).toList();
        return new Found("", List.of(), 0, 0, 0, 0, 0, shown, faults.size() - shown.size(), 0, 0);
    }

    Found taken(int hold, int without) {
        return new Found(
                description,
                notebooks,
                pages,
                entries,
                media,
                collections,
                versions,
                faults,
                moreFaults,
                hold,
                without);
    }
}
