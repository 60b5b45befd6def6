package notchbook.app.growth;

import java.util.List;
import java.util.UUID;

/** Pieces in order of time. */
interface Ordered {
    int count();

    /** Some of them, from a place on that is counted from 0. */
    List<UUID> some(int from, int most);

    default UUID at(int place) {
        return some(place, 1).getFirst();
    }

    static Ordered of(List<UUID> all) {
        return new Ordered() {
            @Override
            public int count() {
                return all.size();
            }

            @Override
            public List<UUID> some(int from, int most) {
                return all.stream().skip(from).limit(most).toList();
            }
        };
    }
}
