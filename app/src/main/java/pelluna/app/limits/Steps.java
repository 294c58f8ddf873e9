package pelluna.app.limits;

/** Told of every step of something long, so that somebody can see how far it is, and end it. */
@FunctionalInterface
public interface Steps {
    /** Nobody looks. */
    Steps UNSEEN = (done, of) -> {};

    /** @throws StoppedException if it is to end here */
    void at(long done, long of);
}
