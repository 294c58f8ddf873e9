package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import pelluna.core.behaviour.EventType;

/**
 * Which causes would fit what the log says of a lost fish, by stated rules, the most telling first. It reads what was
 * noted and decides nothing:
 * what nobody saw is not in it. Windows and limits are Pelluna's judgement.
 */
public final class LikelyCause {
    private static final int WEEK = 7;
    private static final double AMMONIA = 0.25;
    private static final double NITRITE = 0.5;
    private static final double SWING = 3;
    private static final double OLD_SHARE = 0.8;

    /** In the order in which they are asked. */
    private static final List<Function<Evidence, Optional<Proposal>>> RULES = List.of(
            LikelyCause::jumped,
            LikelyCause::crash,
            LikelyCause::equipment,
            LikelyCause::beaten,
            LikelyCause::ill,
            LikelyCause::swallowed,
            LikelyCause::starved,
            LikelyCause::gap,
            LikelyCause::quarantine,
            LikelyCause::old);

    private LikelyCause() {}

    /** The most telling first; empty if the log says nothing that would tell. */
    public static List<Proposal> of(Evidence e) {
        List<Proposal> found = new ArrayList<>();
        for (Function<Evidence, Optional<Proposal>> rule : RULES) {
            rule.apply(e)
                    .filter(p -> found.stream().noneMatch(f -> f.cause() == p.cause()))
                    .ifPresent(found::add);
        }
        return found;
    }

    private static Optional<Proposal> jumped(Evidence e) {
        return e.noted(EventType.JUMPED, 1)
                ? said(Cause.JUMPED, new Fitting.Jumping(ago(e, EventType.JUMPED)))
                : Optional.empty();
    }

    private static Optional<Proposal> crash(Evidence e) {
        boolean ammonia = e.ammonia().orElse(0) >= AMMONIA;
        boolean nitrite = e.nitrite().orElse(0) >= NITRITE;
        int others = e.othersLost();
        if (!ammonia && !nitrite) {
            return others >= 2 ? said(Cause.WATER, new Fitting.Others(others)) : Optional.empty();
        }
        BeforeIt.Substance what = ammonia ? BeforeIt.Substance.AMMONIA : BeforeIt.Substance.NITRITE;
        double level = (ammonia ? e.ammonia() : e.nitrite()).orElseThrow();
        return said(
                Cause.WATER,
                others > 0 ? new Fitting.StoodAndOthers(what, level, others) : new Fitting.Stood(what, level));
    }

    private static Optional<Proposal> equipment(Evidence e) {
        return e.swingC().orElse(0) >= SWING
                ? said(Cause.EQUIPMENT, new Fitting.TemperatureMoved(e.swingC().orElseThrow()))
                : Optional.empty();
    }

    private static Optional<Proposal> beaten(Evidence e) {
        Optional<EventType> hurt = Stream.of(EventType.WOUND, EventType.TORN_FIN)
                .filter(d -> e.noted(d, WEEK))
                .findFirst();
        if (e.acts() == 0 || hurt.isEmpty() && e.acts() < 3 && !e.noted(EventType.HIDES, WEEK)) {
            return Optional.empty();
        }
        return said(
                Cause.KILLED,
                new Fitting.Acts(e.acts(), e.aggressor(), hurt.map(d -> new Fitting.HurtNoted(d, ago(e, d)))));
    }

    private static Optional<Proposal> ill(Evidence e) {
        for (EventType sign : List.of(EventType.SPOTS, EventType.FAST_BREATH)) {
            if (e.noted(sign, 2 * WEEK)) {
                return said(Cause.DISEASE, new Fitting.SignSeen(sign, ago(e, sign)));
            }
        }
        return e.noted(EventType.RUBS, WEEK) && e.noted(EventType.NOT_EATING, WEEK)
                ? said(Cause.DISEASE, new Fitting.RubbedAndFasted())
                : Optional.empty();
    }

    private static Optional<Proposal> swallowed(Evidence e) {
        return e.missing() && e.eater().isPresent()
                ? said(Cause.EATEN, new Fitting.CouldSwallow(e.eater().get()))
                : Optional.empty();
    }

    private static Optional<Proposal> starved(Evidence e) {
        boolean fasts =
                e.noted(EventType.NOT_EATING, 2) && e.daysAgo().getOrDefault(EventType.EATS, Long.MAX_VALUE) > 3;
        boolean thin = e.noted(EventType.THIN, 2 * WEEK);
        if (!fasts && !thin) {
            return Optional.empty();
        }
        boolean ate = e.daysAgo().containsKey(EventType.EATS);
        Fitting.LastMeal last = new Fitting.LastMeal(ate, ate ? ago(e, EventType.EATS) : new Fitting.Ago(0));
        return said(
                Cause.STARVED, thin ? new Fitting.WasThin(ago(e, EventType.THIN), last) : new Fitting.DidNotEat(last));
    }

    private static Optional<Proposal> gap(Evidence e) {
        return e.openCover() && e.jumps() > 0 && (e.missing() || e.kept() <= Patterns.FIRST_DAYS)
                ? said(Cause.JUMPED, new Fitting.JumpsFromIt(e.missing()))
                : Optional.empty();
    }

    private static Optional<Proposal> quarantine(Evidence e) {
        return e.inQuarantine() ? said(Cause.QUARANTINE, new Fitting.InQuarantine(e.kept())) : Optional.empty();
    }

    private static Optional<Proposal> old(Evidence e) {
        return e.lifespan() > 0 && e.years() >= OLD_SHARE * e.lifespan()
                ? said(Cause.OLD_AGE, new Fitting.Old(e.years(), e.lifespan()))
                : Optional.empty();
    }

    private static Fitting.Ago ago(Evidence e, EventType sign) {
        return new Fitting.Ago(e.daysAgo().get(sign).intValue());
    }

    private static Optional<Proposal> said(Cause cause, Fitting reason) {
        return Optional.of(new Proposal(cause, reason));
    }
}
