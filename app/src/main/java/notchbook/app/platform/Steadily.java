package notchbook.app.platform;

import java.util.function.DoubleConsumer;

/** Says how far a job is (from 0 to 1) now and then, and not at every step. */
public final class Steadily implements DoubleConsumer {
    private static final double STEP = 0.02;

    private final DoubleConsumer said;
    private double last;

    public Steadily(DoubleConsumer said) {
        this.said = said;
    }

    @Override
    public void accept(double share) {
        if (share - last >= STEP) {
            last = share;
            said.accept(share);
        }
    }
}
