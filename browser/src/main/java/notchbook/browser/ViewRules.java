package notchbook.browser;

import java.util.ArrayList;
import java.util.List;
import notchbook.core.view.Card;
import notchbook.core.view.CardTie;
import notchbook.core.view.Tidy;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSFunctor;
import org.teavm.jso.JSObject;

/** The rules of views of collections; described for TypeScript in {@code web/src/core/view.d.ts}. */
public final class ViewRules {
    private ViewRules() {}

    /** The order of words in the reader's language, which the browser knows. */
    @JSFunctor
    public interface WordOrder extends JSObject {
        int compare(String one, String other);
    }

    /** An empty gathering, to be filled. */
    @JSExport
    public static Gathered gathered(WordOrder order) {
        return new Gathered(order::compare);
    }

    /** Where the upper left corners of cards lie on a tidy board: x and y of each, flat, in the order of the cards. */
    @JSExport
    public static double[] tidy(
            String[] ids, double[] widths, double[] heights, String[] groups, String[] from, String[] to) {
        var cards = new ArrayList<Card>();
        for (var i = 0; i < ids.length; i++) {
            cards.add(new Card(ids[i], widths[i], heights[i], groups[i]));
        }
        var ties = new ArrayList<CardTie>();
        for (var i = 0; i < from.length; i++) {
            ties.add(new CardTie(from[i], to[i]));
        }
        var order = List.of(ids);
        var places = new double[2 * ids.length];
        for (var spot : Tidy.of(cards, ties)) {
            var at = order.indexOf(spot.id());
            places[2 * at] = spot.x();
            places[2 * at + 1] = spot.y();
        }
        return places;
    }
}
