package pelluna.core.losses;

import java.util.Optional;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.QuarantineSchool;

/**
 * One fish from the day its keeper had it, to its loss or to the last day that it was known to live. A fish of a group
 * is a life of its own.
 *
 * @param days        kept, 0 or more, quarantine included where it is known
 * @param cause       empty if it lives, went elsewhere or is missing
 * @param source      where it comes from
 * @param place       its place among the arrivals of its tank, from 1
 * @param openCover   whether the tank could be jumped out of when it was lost; empty if nobody knows
 * @param pressed     whether the plan had said Chop or Surge against it on the day it came; empty if the plan was not
 * asked
 * @param afterOthers whether others had come within two weeks before it was lost
 */
public record Life(
        Species species,
        int days,
        Optional<Cause> cause,
        Source source,
        int place,
        Optional<Boolean> openCover,
        Optional<Boolean> pressed,
        boolean afterOthers) {
    /**
     * Where it comes from. @param shop in its keeper's words; empty if nobody has said; @param school empty if nobody
     * has said
     */
    public record Source(String shop, Optional<Boolean> captiveBred, Optional<QuarantineSchool> school) {}

    public Life {
        if (days < 0) {
            throw new IllegalArgumentException("days are 0 or more, not " + days);
        }
    }

    public boolean lost() {
        return cause.isPresent();
    }

    public boolean lostTo(Cause one) {
        return cause.filter(c -> c == one).isPresent();
    }

    public KaplanMeier.Observed observed() {
        return new KaplanMeier.Observed(days, lost());
    }
}
