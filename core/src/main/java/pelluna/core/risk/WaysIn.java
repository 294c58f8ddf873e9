package pelluna.core.risk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.GroundAnew;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.catalogue.Species;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.Risk;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Tension;
import pelluna.core.units.Rounding;
import pelluna.core.units.Sentences;
import pelluna.core.units.Step;

/** The ways with one refused wish: the whole plan is computed for each, with it and without. */
final class WaysIn {
    private final Plan plan;
    private final Party wish;
    private List<Party> otherwise = List.of();
    private final Set<String> among = new TreeSet<>();
    private final List<Party> rivals;

    WaysIn(Plan plan, Party wish, List<Party> rivals) {
        this.plan = plan;
        this.wish = wish;
        this.rivals = rivals;
        rivals.forEach(r -> among.add(r.id()));
        among.add(wish.id());
    }

    Way leaving() {
        Plan without = plan.wishing(
                plan.wishes().stream().filter(w -> !w.id().equals(wish.id())).toList());
        Assessment a = new Assessor().assess(without);
        Outlook outlook = new Outlook(without, a.arrivals());
        List<Press> now = among(outlook, plan.startOn());
        otherwise = others(a);
        Sentences says = Sentences.of(new RiskReason.NothingChanges())
                .and(now.isEmpty() ? Optional.empty() : Optional.of(new RiskReason.NowAmongThem(measured(now))));
        return new Way(
                Risk.NONE,
                Tension.stepOf(hardest(now)),
                hardest(now),
                hardest(among(outlook, outlook.fullyGrown())),
                acts(now),
                true,
                List.of(says));
    }

    Way taking(Risk how) {
        Plan with = plan.with(wish.by(wish.hand().risking(how)));
        Assessment a = new Assessor().assess(with);
        Outlook outlook = new Outlook(with, a.arrivals());
        Dated step = a.arrivals().steps().stream()
                .filter(d -> d.arrival().parties().stream().anyMatch(p -> p.id().equals(wish.id())))
                .findFirst()
                .orElseThrow();
        LocalDate day = step.releaseOn();
        List<Press> first = among(outlook, day);
        List<Press> grown = among(outlook, outlook.fullyGrown());
        List<Sentences> says = new ArrayList<>();
        says.add(how == Risk.ANEW ? anew(step) : byBox(step));
        says.add(
                first.isEmpty()
                        ? Sentences.of(new RiskReason.NobodyPresses())
                                .and(stop(a).map(s -> new RiskReason.NoWayChangesIt()))
                        : Sentences.of(new RiskReason.OnThatDay(measured(first), Math.round(hardest(grown)))));
        step.anew().filter(n -> !n.possible()).ifPresent(n -> says.add(Sentences.of(tooFew(n))));
        wish.hand().price().ifPresent(p -> says.add(Sentences.of(new RiskReason.AtStake(p))));
        List<Party> behind = new ArrayList<>(otherwise);
        behind.removeAll(others(a));
        if (!behind.isEmpty()) {
            says.add(Sentences.of(new RiskReason.StaysBehind(behind)));
        }
        Step press = Tension.stepOf(hardest(first));
        Step stop = stop(a).orElse(Step.CALM);
        return new Way(
                how,
                press.atLeast(stop) ? press : stop,
                hardest(first),
                hardest(grown),
                acts(first),
                step.anew().map(GroundAnew::possible).orElse(true),
                says);
    }

    private Optional<Step> stop(Assessment a) {
        return a.sieve().stream()
                .filter(v -> v.wish().id().equals(wish.id()))
                .findFirst()
                .flatMap(Verdict::stop)
                .map(Finding::step);
    }

    /** Other wishes that go in. */
    private List<Party> others(Assessment a) {
        return a.bestSet().take().stream()
                .filter(p -> !p.id().equals(wish.id()))
                .toList();
    }

    private static Sentences byBox(Dated step) {
        return Sentences.of(
                step.boxed()
                        ? new RiskReason.BoxAndGate(step.boxFrom(), step.releaseOn())
                        : new RiskReason.InByGate(step.releaseOn()),
                new RiskReason.PlaceFor(step.needs()));
    }

    private Sentences anew(Dated step) {
        GroundAnew anew = step.anew().orElseThrow();
        Optional<Species> one = rivals.size() == 1 ? Optional.of(rivals.get(0).species()) : Optional.empty();
        return Sentences.of(new RiskReason.DealtAnew(rivals.size(), one, anew.out(), anew.back(), anew.needs()));
    }

    private static RiskReason tooFew(GroundAnew anew) {
        return new RiskReason.TooFewPlaces(anew.needs(), anew.has(), anew.needs() - anew.has(), anew.out());
    }

    private static RiskReason.Hardest measured(List<Press> presses) {
        Press worst = presses.get(0);
        Species one = worst.aggressor().party().species();
        Species other = worst.target().party().species();
        return new RiskReason.Hardest(
                Math.round(worst.index()),
                Tension.stepOf(worst.index()),
                one,
                other,
                one.equals(other),
                Rounding.to(acts(presses) < 10 ? 1 : 0, acts(presses)));
    }

    private List<Press> among(Outlook outlook, LocalDate day) {
        return outlook.presses(day).stream()
                .filter(p -> among.contains(p.aggressor().party().id())
                        && among.contains(p.target().party().id()))
                .toList();
    }

    private static double hardest(List<Press> presses) {
        return presses.isEmpty() ? 0 : presses.get(0).index();
    }

    private static double acts(List<Press> presses) {
        return presses.stream().mapToDouble(p -> OwnRecord.rate(p.index())).sum();
    }
}
