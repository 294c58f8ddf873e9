package pelluna.app.writes;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;

/** Turns of one write: each that asks for what is not known yet is followed by another, once it is. */
final class Turns {
    /** A write asks for what is so before and after it; more turns mean that others change the same plan meanwhile. */
    private static final int MOST = 5;

    private Turns() {}

    static <T> T whole(Callable<T> write) throws Exception {
        List<NotYetKnown> found = new ArrayList<>();
        while (true) {
            try {
                return write.call();
            } catch (NotYetKnown e) {
                if (found.size() == MOST) {
                    throw e;
                }
                e.find();
                // held until the write ends: the next turn finds the same answer
                found.add(e);
            }
        }
    }

    /** The same for a write that throws nothing that is checked. */
    static <T> T of(Callable<T> write) {
        try {
            return whole(write);
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
