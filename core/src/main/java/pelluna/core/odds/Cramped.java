package pelluna.core.odds;

import java.util.Arrays;
import org.hipparchus.util.FastMath;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Party;
import pelluna.core.sieve.TurningRoom;
import pelluna.core.tank.QuotedSize;
import pelluna.core.tank.Tank;

/**
 * Fish that outgrow the tank, each as quickly as it grows itself: by what those ask for who ask for least, in
 * proportion to its length as {@link pelluna.core.outlook.Changes} has it.
 */
final class Cramped implements Hazard {
    /** Growth differs between fish of a kind by so much (of its logarithm). Pelluna's judgement. */
    private static final double GROWS = 0.2;

    private final double rate;
    private final int[] from;

    /** @param lucks of this run, by fish */
    Cramped(Cast cast, Rates rates, Chance[] lucks) {
        this.rate = rates.get(Rate.CRAMPED);
        this.from = new int[cast.fish().size()];
        Arrays.fill(from, Doom.NEVER);
        for (int i = 0; i < from.length; i++) {
            Fish f = cast.fish().get(i);
            double days = cast.outgrows(f.party());
            if (days < Cast.DAYS * 10.0) {
                double quick = FastMath.exp(GROWS * lucks[i].normal(Draw.GROWTH.ordinal()));
                from[i] = f.from() + (int) Math.ceil(days / quick);
            }
        }
    }

    /** Day on which a fish outgrows the tank, or {@link Doom#NEVER}. */
    int from(int fish) {
        return from[fish];
    }

    /** Days from its coming until it outgrows the tank as its kind grows; infinite if it never does. */
    static double after(Tank tank, Presence p) {
        Party party = p.party();
        double share = Math.min(
                Math.min(
                        tank.runCm() / party.species().room().runCm().bold(),
                        QuotedSize.share(
                                tank.glassLitres(),
                                party.species().litresFor(party.count()).bold())),
                tank.runCm() / TurningRoom.bodyLengths(party.species()) / party.adultCm());
        double most = share * party.species().size().usualCm();
        if (share >= 1) {
            return Double.POSITIVE_INFINITY;
        }
        return party.growth().daysUntil(party.lengthOn(p.from()), most).orElse(Double.POSITIVE_INFINITY);
    }

    @Override
    public Fate fate() {
        return Fate.CRAMPED;
    }

    @Override
    public boolean concerns(Fish fish) {
        return rate > 0;
    }

    @Override
    public double on(int day, int fish, Now now) {
        return day >= from[fish] ? rate : 0;
    }
}
