package pelluna.app.fish;

import java.time.LocalDate;
import java.util.Optional;
import pelluna.app.account.OwnedTank;

/**
 * Fish that are missing: not seen, and not known to be lost. The ledger of losses fulfils it, so that this package
 * need not know it.
 */
public interface WhoIsMissing {
    /** Some of a fish's group, or all of it, that are missing. */
    record Missing(int count, LocalDate since) {}

    /** It, or so many of a group, is missing from today on. */
    void missing(OwnedTank tank, long fish, int count);

    /**
     * Whoever was missing is found. @return how many of a group that is there otherwise, which its count lacks; 0 if
     * all of it was missing
     */
    int found(OwnedTank tank, long fish);

    /** Empty unless it, or some of it, is missing. */
    Optional<Missing> missing(OwnedTank tank, long fish);
}
