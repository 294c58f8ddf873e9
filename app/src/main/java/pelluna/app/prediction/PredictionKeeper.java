package pelluna.app.prediction;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.exchange.AssessmentFile;
import pelluna.app.fish.Individuals;
import pelluna.app.fish.Predictions;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.core.assessment.Assessment;
import pelluna.core.capacity.Lens;
import pelluna.core.plan.Party;
import pelluna.core.plan.PlanFile;
import pelluna.core.risk.OwnRisk;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Keeps the assessment as it was on the day of an arrival: whole, and forecast by forecast. */
@Component
public class PredictionKeeper implements Predictions {
    private final TankPlans plans;
    private final Individuals fish;
    private final PredictionRows words;
    private final KeptForecasts forecasts;

    PredictionKeeper(TankPlans plans, Individuals fish, PredictionRows words, KeptForecasts forecasts) {
        this.plans = plans;
        this.fish = fish;
        this.words = words;
        this.forecasts = forecasts;
    }

    @Override
    @Transactional
    public void arrives(OpenTank before, Party party, long number) {
        if (before.tank().sandboxOf() != null) {
            return;
        }
        Map<String, Long> who = new HashMap<>();
        before.residents().forEach(r -> before.living(r.id()).ifPresent(living -> who.put(living.id(), r.id())));
        who.put(party.id(), number);
        keep(before.owned(), number, plans.today(), before.said(), before.assessment(), party, who);
    }

    /**
     * Keeps what an assessment says of one of its wishes.
     *
     * @param who fish of the log by their place in the plan, as far as they are in the tank; the arrival too
     */
    @Transactional
    public void keep(
            OwnedTank tank,
            long number,
            LocalDate on,
            PlanFile plan,
            Assessment a,
            Party party,
            Map<String, Long> who) {
        PredictionEntity word = words.save(new PredictionEntity(
                tank.id(), number, on, a.plan().stance().word(), plan, AssessmentFile.of(a, Words.forAnybody())));
        forecasts.keep(word.id(), said(a, party, who));
    }

    /** Everything that an assessment says of one wish and of its company. */
    static List<Forecast> said(Assessment a, Party party, Map<String, Long> who) {
        Long number = who.get(party.id());
        List<Forecast> said = new ArrayList<>();
        for (Verdict v : a.sieve()) {
            if (v.wish().id().equals(party.id())) {
                if (v.wish().hand().risk().taken() && v.stop().isPresent()) {
                    said.add(new Forecast(
                            Forecast.OWN_RISK,
                            v.stop().get().step(),
                            number,
                            null,
                            v.wish().hand().risk().word(),
                            null,
                            OwnRisk.reasons(v)));
                }
                for (Finding f : v.findings()) {
                    said.add(new Forecast(
                            f.rule().word(),
                            f.step(),
                            number,
                            null,
                            f.has().number().isPresent() ? "" : f.has().word(),
                            null,
                            List.of(f.reason())));
                }
            }
        }
        for (Tension t : a.tension()) {
            boolean mine =
                    t.aggressor().id().equals(party.id()) || t.target().id().equals(party.id());
            if (mine
                    && who.containsKey(t.aggressor().id())
                    && who.containsKey(t.target().id())) {
                said.add(new Forecast(
                                Forecast.TENSION,
                                t.step(),
                                who.get(t.aggressor().id()),
                                who.get(t.target().id()),
                                "",
                                t.index(),
                                t.reasons().isEmpty()
                                        ? List.of(new NothingBetween())
                                        : List.of(t.reasons().get(0).why()))
                        .byModel(t.byModel()));
            }
        }
        for (Eaten e : a.eaten()) {
            boolean mine = e.eater().id().equals(party.id())
                    || e.prey().map(p -> p.id().equals(party.id())).orElse(false);
            if (mine
                    && who.containsKey(e.eater().id())
                    && e.prey().map(p -> who.containsKey(p.id())).orElse(true)) {
                said.add(new Forecast(
                        Forecast.EATEN,
                        Step.SURGE,
                        who.get(e.eater().id()),
                        e.prey().map(p -> who.get(p.id())).orElse(null),
                        e.prey().isPresent() ? "" : e.eaten(),
                        null,
                        List.of(e.reason())));
            }
        }
        for (Lens l : a.capacity().lenses()) {
            said.add(new Forecast(
                    Forecast.CAPACITY, l.step(), number, null, l.kind().word(), null, List.of(l.why())));
        }
        return said;
    }
}
