package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.app.shell.Shells;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.plan.Party;
import pelluna.core.tension.Tension;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/** The Arrivals place: who comes when, in the best order, and what another place would cost. */
@Controller
class ArrivalsController {
    private final PlanDesk desks;
    private final Shells shells;

    ArrivalsController(PlanDesk desks, Shells shells) {
        this.desks = desks;
        this.shells = shells;
    }

    /** The price of moving the chosen arrival to another place, against the best order. */
    record Move(int place, double price, String says) { }

    @GetMapping("/tanks/{id}/arrivals")
    String arrivals(@PathVariable long id, @RequestParam(defaultValue = "1") int at, Model model) {
        Desk desk = desks.open(id);
        Schedule schedule = desk.assessment().arrivals();
        List<Dated> steps = schedule.steps();
        Dated chosen = steps.isEmpty() ? null : steps.get(Math.max(0, Math.min(steps.size() - 1, at - 1)));
        shells.around(model, desk, "arrivals", "Arrivals", sentence(schedule, desk));
        model.addAttribute("steps", steps);
        model.addAttribute("chosen", chosen);
        model.addAttribute("lanes", steps.isEmpty() ? "" : new LanesDrawing(desk, chosen, desks.today()).draw());
        boolean byHand = steps.stream().anyMatch(d -> d.arrival().place() > 0);
        double best = byHand ? new Scheduler(desk.plan(), desk.assessment().bestSet().take()).best().cost() : schedule.cost();
        model.addAttribute("byHand", byHand);
        model.addAttribute("handPrice", Math.round(schedule.cost() - best) <= 0 ? "It is as calm as the best order." : "It costs " + Math.round(schedule.cost() - best) + " points of tension more than the best order.");
        model.addAttribute("moves", chosen == null ? List.of() : moves(desk, schedule, chosen));
        model.addAttribute("tension", pairs(desk));
        model.addAttribute("startOn", desk.tank().startOn() == null ? "" : desk.tank().startOn().toString());
        model.addAttribute("planStart", Measures.date(desk.plan().startOn()));
        model.addAttribute("best", desk.assessment().bestSet());
        model.addAttribute("today", desks.today().toString());
        model.addAttribute("capacity", desk.assessment().capacity());
        model.addAttribute("school", desk.plan().tank().school().plain());
        return "arrivals";
    }

    /** The pairs that live together once all have come, from Ripple on, hardest first. */
    private static List<Tension> pairs(Desk desk) {
        Set<String> living = Stream.concat(desk.plan().residents().stream(), desk.assessment().bestSet().take().stream()).map(Party::id)
            .collect(Collectors.toSet());
        return desk.assessment().tension().stream().filter(t -> t.step() != Step.CALM)
            .filter(t -> living.contains(t.aggressor().id()) && living.contains(t.target().id()))
            .sorted(Comparator.comparingDouble((Tension t) -> t.index()).reversed()).toList();
    }

    private static String sentence(Schedule s, Desk desk) {
        if (s.steps().isEmpty()) {
            return "Nobody is on the way yet.";
        }
        LocalDate last = s.steps().get(s.steps().size() - 1).releaseOn();
        int n = s.steps().size();
        String order = n == 1 ? "" : s.steps().stream().anyMatch(d -> d.arrival().place() > 0) ? " The order is by your hand." : s.exact() ? " The calmest order of " + orders(n) + "." : " A calm order; no order could save more than "
            + Math.round(s.cost() - s.bound()) + " points.";
        return English.capital(English.count(n, "arrival", "arrivals")) + ", done by " + Measures.date(last) + "." + order;
    }

    private static String orders(int n) {
        double orders = 1;
        for (int i = 2; i <= n; i++) {
            orders *= i;
        }
        return orders < 1e6 ? String.format(java.util.Locale.ENGLISH, "%,.0f", orders) : orders < 1e9 ? Math.round(orders / 1e6) + " million" : "more than a billion";
    }

    private static List<Move> moves(Desk desk, Schedule best, Dated chosen) {
        List<String> ids = best.steps().stream().map(d -> d.arrival().parties().get(0).id()).toList();
        Scheduler scheduler = new Scheduler(desk.plan(), desk.assessment().bestSet().take());
        List<Move> moves = new ArrayList<>();
        for (int place = 1; place <= ids.size(); place++) {
            if (place != chosen.position()) {
                List<String> order = new ArrayList<>(ids);
                String me = order.remove(chosen.position() - 1);
                order.add(place - 1, me);
                Schedule other = scheduler.byHand(order);
                double price = other.cost() - best.cost();
                moves.add(new Move(place, price, (price >= 0 ? "+" : "−") + Math.round(Math.abs(price)) + (place < chosen.position() ? ", earlier" : ", later")));
            }
        }
        return moves;
    }
}
