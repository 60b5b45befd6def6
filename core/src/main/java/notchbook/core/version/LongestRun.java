package notchbook.core.version;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** The longest rising run that can be picked out of numbers without changing their order, by patience sorting (Fredman 1975). */
final class LongestRun {
    private LongestRun() {}

    /** The places of the run's numbers, rising; of several longest runs always the same one. */
    static List<Integer> of(List<Integer> numbers) {
        // For each length, the place of the smallest number that a run of this length can end with.
        var ends = new ArrayList<Integer>();
        var before = new int[numbers.size()];
        for (var place = 0; place < numbers.size(); place++) {
            var length = lengthBelow(numbers, ends, numbers.get(place));
            before[place] = length == 0 ? -1 : ends.get(length - 1);
            if (length == ends.size()) {
                ends.add(place);
            } else {
                ends.set(length, place);
            }
        }
        var run = new ArrayList<Integer>();
        for (var place = ends.isEmpty() ? -1 : ends.getLast(); place >= 0; place = before[place]) {
            run.add(place);
        }
        Collections.reverse(run);
        return run;
    }

    /** How long a run can be that ends below a number. */
    private static int lengthBelow(List<Integer> numbers, List<Integer> ends, int number) {
        var low = 0;
        var high = ends.size();
        while (low < high) {
            var middle = (low + high) / 2;
            if (numbers.get(ends.get(middle)) < number) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
