package pelluna.app.limits;

/** Somebody ended what was going on; nothing of it is kept. */
public final class StoppedException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
