package pelluna.app.writes;

/**
 * Somebody asks, in the middle of a write, for what takes long to find. The write is taken back, the answer is found
 * without holding anything, and the write begins anew with the answer at hand.
 */
public final class NotYetKnown extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final transient Runnable finding;

    /** @param finding finds the answer and keeps it where the next turn looks for it */
    public NotYetKnown(Runnable finding) {
        super("asked for within a write, and not known yet");
        this.finding = finding;
    }

    public void find() {
        finding.run();
    }
}
