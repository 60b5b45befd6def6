package notchbook.app.bag;

import java.util.function.DoubleConsumer;

/** Says how far something is now and then, and not at every step. */
final class Progress implements DoubleConsumer {
    private static final double STEP = 0.02;

    private final DoubleConsumer said;
    private double last;

    Progress(DoubleConsumer said) {
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
