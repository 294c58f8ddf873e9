package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import pelluna.core.behaviour.Doing;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

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
        return e.noted(Doing.JUMPED, 1)
                ? said(Cause.JUMPED, "The log has it jumping " + ago(e, Doing.JUMPED) + ".")
                : Optional.empty();
    }

    private static Optional<Proposal> crash(Evidence e) {
        boolean ammonia = e.ammonia().isPresent() && e.ammonia().getAsDouble() >= AMMONIA;
        boolean nitrite = e.nitrite().isPresent() && e.nitrite().getAsDouble() >= NITRITE;
        String test = ammonia
                ? "Ammonia stood at " + Measures.number(e.ammonia().getAsDouble()) + " mg/L in the week before"
                : nitrite
                        ? "Nitrite stood at " + Measures.number(e.nitrite().getAsDouble()) + " mg/L in the week before"
                        : "";
        String others = e.othersLost() > 0
                ? English.count(e.othersLost(), "other fish was", "other fish were") + " lost within three days"
                : "";
        if (test.isEmpty() && e.othersLost() < 2) {
            return Optional.empty();
        }
        return said(
                Cause.WATER,
                English.capital(test.isEmpty() ? others : others.isEmpty() ? test : test + ", and " + others) + ".");
    }

    private static Optional<Proposal> equipment(Evidence e) {
        return e.swingC().isPresent() && e.swingC().getAsDouble() >= SWING
                ? said(
                        Cause.EQUIPMENT,
                        "The temperature moved by "
                                + Measures.number(Measures.round(e.swingC().getAsDouble(), 1))
                                + " °C in the three days before: look at heater, fan and power.")
                : Optional.empty();
    }

    private static Optional<Proposal> beaten(Evidence e) {
        boolean hurt = e.noted(Doing.WOUND, WEEK) || e.noted(Doing.TORN_FIN, WEEK);
        if (e.acts() == 0 || !hurt && e.acts() < 3 && !e.noted(Doing.HIDES, WEEK)) {
            return Optional.empty();
        }
        String wound = e.noted(Doing.WOUND, WEEK)
                ? "; a wound was noted " + ago(e, Doing.WOUND)
                : e.noted(Doing.TORN_FIN, WEEK) ? "; a torn fin was noted " + ago(e, Doing.TORN_FIN) : "";
        return said(
                Cause.KILLED,
                English.capital(English.count(e.acts(), "act", "acts")) + " against it in seven days"
                        + (e.aggressor().isEmpty() ? "" : ", most by " + e.aggressor()) + wound + ".");
    }

    private static Optional<Proposal> ill(Evidence e) {
        for (Doing sign : List.of(Doing.SPOTS, Doing.FAST_BREATH)) {
            if (e.noted(sign, 2 * WEEK)) {
                return said(
                        Cause.DISEASE,
                        English.capital(
                                "it " + (sign == Doing.SPOTS ? "had spots " : "breathed fast ") + ago(e, sign) + "."));
            }
        }
        return e.noted(Doing.RUBS, WEEK) && e.noted(Doing.NOT_EATING, WEEK)
                ? said(Cause.DISEASE, "It rubbed itself and did not eat in its last week.")
                : Optional.empty();
    }

    private static Optional<Proposal> swallowed(Evidence e) {
        return e.missing() && e.eater().isPresent()
                ? said(
                        Cause.EATEN,
                        "It went missing and was not found, and " + e.eater().get() + " could swallow it.")
                : Optional.empty();
    }

    private static Optional<Proposal> starved(Evidence e) {
        boolean fasts = e.noted(Doing.NOT_EATING, 2) && e.daysAgo().getOrDefault(Doing.EATS, Long.MAX_VALUE) > 3;
        if (!fasts && !e.noted(Doing.THIN, 2 * WEEK)) {
            return Optional.empty();
        }
        String last = e.daysAgo().containsKey(Doing.EATS)
                ? "last seen eating " + ago(e, Doing.EATS)
                : "nobody wrote that it ever ate here";
        return said(
                Cause.STARVED,
                English.capital(
                                e.noted(Doing.THIN, 2 * WEEK)
                                        ? "it was thin " + ago(e, Doing.THIN) + "; " + last
                                        : "it did not eat; " + last)
                        + ".");
    }

    private static Optional<Proposal> gap(Evidence e) {
        return e.openCover() && e.jumps() > 0 && (e.missing() || e.kept() <= Patterns.FIRST_DAYS)
                ? said(
                        Cause.JUMPED,
                        "Its kind jumps and the tank can be jumped out of"
                                + (e.missing()
                                        ? "; it was missing: look on the floor around"
                                        : "; most jump in their first weeks")
                                + ".")
                : Optional.empty();
    }

    private static Optional<Proposal> quarantine(Evidence e) {
        return e.inQuarantine()
                ? said(Cause.QUARANTINE, "It was in quarantine, on day " + e.kept() + ".")
                : Optional.empty();
    }

    private static Optional<Proposal> old(Evidence e) {
        return e.lifespan() > 0 && e.years() >= OLD_SHARE * e.lifespan()
                ? said(
                        Cause.OLD_AGE,
                        "Kept for " + Measures.number(Measures.round(e.years(), 1)) + " years; its kind lives about "
                                + Measures.number(e.lifespan()) + ".")
                : Optional.empty();
    }

    private static String ago(Evidence e, Doing sign) {
        long days = e.daysAgo().get(sign);
        return days == 0 ? "on the day itself" : English.count((int) days, "day", "days") + " before";
    }

    private static Optional<Proposal> said(Cause cause, String reason) {
        return Optional.of(new Proposal(cause, reason));
    }
}
