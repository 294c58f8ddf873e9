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
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.Risk;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Tension;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/** The ways with one refused wish: the whole plan is computed for each, with it and without. */
final class WaysIn {
    private final Plan plan;
    private final Party wish;
    private final Measures say;
    private List<String> otherwise = List.of();
    private final Set<String> among = new TreeSet<>();
    private final String them;

    WaysIn(Plan plan, Party wish, List<Party> rivals, Measures say) {
        this.plan = plan;
        this.wish = wish;
        this.say = say;
        rivals.forEach(r -> among.add(r.id()));
        this.them = rivals.size() == 1
                ? "the " + rivals.get(0).species().name()
                : "its " + English.number(rivals.size()) + " rivals";
        among.add(wish.id());
    }

    Way leaving() {
        Plan without = plan.wishing(
                plan.wishes().stream().filter(w -> !w.id().equals(wish.id())).toList());
        Assessment a = new Assessor(say).assess(without);
        Outlook outlook = new Outlook(without, a.arrivals(), say);
        List<Press> now = among(outlook, plan.startOn());
        otherwise = names(a);
        List<String> says = new ArrayList<>();
        says.add("Leave it out: nothing changes."
                + (now.isEmpty() ? "" : " " + measured(now) + " among those who are there."));
        return new Way(
                Risk.NONE,
                Tension.stepOf(hardest(now)),
                hardest(now),
                hardest(among(outlook, outlook.fullyGrown())),
                acts(now),
                true,
                says);
    }

    Way taking(Risk how) {
        Plan with = plan.with(wish.by(wish.hand().risking(how)));
        Assessment a = new Assessor(say).assess(with);
        Outlook outlook = new Outlook(with, a.arrivals(), say);
        Dated step = a.arrivals().steps().stream()
                .filter(d -> d.arrival().parties().stream().anyMatch(p -> p.id().equals(wish.id())))
                .findFirst()
                .orElseThrow();
        LocalDate day = step.releaseOn();
        List<Press> first = among(outlook, day);
        List<Press> grown = among(outlook, outlook.fullyGrown());
        List<String> says = new ArrayList<>();
        says.add(how == Risk.ANEW ? anew(step) : byBox(step));
        says.add(
                first.isEmpty()
                        ? "Nobody who lives here would press it at a Chop."
                                + (stop(a).isPresent()
                                        ? " What stands against it is told above, and no way of bringing it in "
                                                + "changes that."
                                        : "")
                        : measured(first) + " on that day; " + Math.round(hardest(grown)) + " when all are grown.");
        step.anew().filter(n -> !n.possible()).ifPresent(n -> says.add(tooFew(n)));
        wish.hand()
                .price()
                .ifPresent(p -> says.add(
                        "At stake: " + Measures.number(p) + " for it in your own money, and those who are there."));
        List<String> behind = new ArrayList<>(otherwise);
        behind.removeAll(names(a));
        if (!behind.isEmpty()) {
            says.add("Would stay behind then: " + English.list(behind) + ".");
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
    private List<String> names(Assessment a) {
        return a.bestSet().take().stream()
                .filter(p -> !p.id().equals(wish.id()))
                .map(Party::label)
                .toList();
    }

    private static String byBox(Dated step) {
        return "By box and gate: "
                + (step.boxed()
                        ? "into the box on " + Measures.date(step.boxFrom()) + ", out about "
                                + Measures.date(step.releaseOn())
                                + ", when the gate says so."
                        : "in on " + Measures.date(step.releaseOn()) + ".")
                + " Place: " + place(step.needs()) + ".";
    }

    private String anew(Dated step) {
        GroundAnew anew = step.anew().orElseThrow();
        return "Deal the ground anew: " + them + " out on " + Measures.date(anew.out())
                + ", rock moved, all back in together on "
                + Measures.date(anew.back())
                + ". Places: " + English.number(anew.needs()) + ".";
    }

    private static String tooFew(GroundAnew anew) {
        return "It takes " + English.count(anew.needs(), "place", "places") + " and you have "
                + English.number(anew.has())
                + ": those who would fight can't share one. Make "
                + English.count(anew.needs() - anew.has(), "place", "places") + " more before "
                + Measures.date(anew.out()) + ", or leave it.";
    }

    private static String place(int needs) {
        return needs == 0
                ? "none beside the box"
                : needs == 1
                        ? "one for quarantine, then the box"
                        : English.number(needs) + " for quarantine, then the box";
    }

    private String measured(List<Press> presses) {
        Press worst = presses.get(0);
        return "The hardest press is " + Math.round(worst.index()) + " of 100, "
                + Tension.stepOf(worst.index()).title() + ", from "
                + between(worst) + "; about "
                + Measures.number(Measures.round(acts(presses), acts(presses) < 10 ? 1 : 0)) + " contests an hour";
    }

    private static String between(Press p) {
        String one = p.aggressor().party().species().name();
        String other = p.target().party().species().name();
        return one.equals(other) ? "one " + one + " on the other" : "the " + one + " on the " + other;
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
