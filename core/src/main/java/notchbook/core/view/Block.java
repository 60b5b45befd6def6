package notchbook.core.view;

import java.util.ArrayList;
import java.util.List;

/** Cards that were placed beside each other, from 0, 0 on, and the room that they take together. */
record Block(List<Spot> spots, double width, double height) {

    static Block of(List<Card> cards, double[] x, double[] y) {
        var left = Double.MAX_VALUE;
        var top = Double.MAX_VALUE;
        var right = 0.0 - Double.MAX_VALUE;
        var bottom = 0.0 - Double.MAX_VALUE;
        for (var i = 0; i < cards.size(); i++) {
            left = Math.min(left, x[i]);
            top = Math.min(top, y[i]);
            right = Math.max(right, x[i] + cards.get(i).width());
            bottom = Math.max(bottom, y[i] + cards.get(i).height());
        }
        var spots = new ArrayList<Spot>();
        for (var i = 0; i < cards.size(); i++) {
            spots.add(new Spot(cards.get(i).id(), x[i] - left, y[i] - top));
        }
        return new Block(spots, right - left, bottom - top);
    }

    /** At another place, on whole numbers, so that the same board is the same to the last digit. */
    List<Spot> at(double x, double y) {
        return spots.stream()
                .map(spot -> new Spot(spot.id(), Math.rint(spot.x() + x), Math.rint(spot.y() + y)))
                .toList();
    }
}
