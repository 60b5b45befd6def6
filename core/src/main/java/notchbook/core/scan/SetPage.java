package notchbook.core.scan;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.layer.Layer;

/**
 * A page of a set: the picture that is shown, the photo that it was made of and how, the page's name, and its gist in the
 * student's words, by which handwriting is found, and what is written on top of it.
 */
public record SetPage(UUID picture, UUID photo, Recipe recipe, String name, String gist, Optional<Layer> layer) {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_GIST = 2_000;

    public SetPage {
        if (name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A page's name has up to 120 characters. Write the rest as its gist.");
        }
        if (gist.length() > LONGEST_GIST) {
            throw new IllegalArgumentException("A gist has up to 2,000 characters. Write the rest as a note.");
        }
    }

    /** Without a layer where nothing is on it. */
    public SetPage with(Layer on) {
        return new SetPage(picture, photo, recipe, name, gist, Optional.of(on).filter(layer -> !layer.isEmpty()));
    }

    /** This page, made anew of the same photo as before; what was written on it follows. */
    public SetPage following(SetPage before, double widthToHeight) {
        return before.layer
                .map(on -> with(Following.to(on, before.recipe, recipe, widthToHeight)))
                .orElse(this);
    }

    /** A photo that is shown as it was taken. */
    public static SetPage of(UUID photo) {
        return new SetPage(photo, photo, Recipe.WHOLE, "", "", Optional.empty());
    }
}
