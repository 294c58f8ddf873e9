package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.HotSpots;
import pelluna.app.drawing.Svg;
import pelluna.app.log.LogFigures;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.PlanJson;
import pelluna.app.scenery.ReefDrawing;
import pelluna.app.scenery.Sceneries;
import pelluna.app.shell.Shells;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Plan;
import tools.jackson.databind.json.JsonMapper;

/** The Reefscape place: the tank from the front on a chosen day, its grounds and tension, and what explains them. */
@Controller
class ReefscapeController {
    private static final double LEAST_FISH = 24;
    private static final double WIDEST = 1600;
    private static final JsonMapper JSON = PlanJson.MAPPER;

    /** Days of logged acts that can be laid over the tank. */
    private static final int HOT_DAYS = 14;

    private final ReefscapeViews reefscapes;
    private final Shells shells;
    private final CurrentKeeper keeper;
    private final ReefscapePage pages;
    private final TankPlans plans;
    private final PlanSteps steps;
    private final WhatIf whatIf;
    private final LogFigures log;
    private final Sceneries sceneries;

    ReefscapeController(
            ReefscapeViews reefscapes,
            Shells shells,
            CurrentKeeper keeper,
            ReefscapePage pages,
            TankPlans plans,
            PlanSteps steps,
            WhatIf whatIf,
            LogFigures log,
            Sceneries sceneries) {
        this.reefscapes = reefscapes;
        this.shells = shells;
        this.keeper = keeper;
        this.pages = pages;
        this.plans = plans;
        this.steps = steps;
        this.whatIf = whatIf;
        this.log = log;
        this.sceneries = sceneries;
    }

    /** A layer of the scenery behind the glass. @param heap its heap, from 0; −1 of the others */
    record Glass(int heap, String markup) {}

    @GetMapping("/tanks/{id}/reefscape")
    String reefscape(
            OwnedTank tank,
            @RequestParam(required = false) LocalDate on,
            @RequestParam(defaultValue = "") String pair,
            @RequestParam(defaultValue = "") String fish,
            @RequestParam(defaultValue = "false") boolean stale,
            Model model) {
        ReefscapeViews.View view = reefscapes.open(tank);
        LocalDate day = view.day(on);
        int from = keeper.get().arrowsFrom();
        ReefscapePage.Chosen chosen = pages.chosen(view, day, pair, fish, from);
        shells.around(
                model,
                view.opened(),
                "reefscape",
                view.opened().say().text("page.reefscape.reefscape"),
                pages.sentence(view, day));
        pages.fill(model, view, day, chosen, from);
        ReefDrawing drawing =
                new ReefDrawing(view.opened().plan().tank(), view.opened().say());
        Svg svg = new Svg();
        drawing.hands(svg);
        OwnedTank planOf = whatIf.copied(view.opened());
        List<LogFigures.Place> acts = log.places(planOf == null ? tank : planOf, HOT_DAYS);
        svg.add(HotSpots.over(
                view.opened().plan().tank(),
                acts.stream().map(LogFigures.Place::at).toList(),
                acts.stream().map(LogFigures.Place::times).toList()));
        model.addAttribute(
                "hotActs", acts.stream().mapToInt(LogFigures.Place::times).sum());
        model.addAttribute("mark", steps.mark(tank));
        model.addAttribute("stale", stale);
        model.addAttribute("asked", !pair.isEmpty() || !fish.isEmpty());
        model.addAttribute("today", plans.today());
        model.addAttribute(
                "compared", planOf == null ? List.of() : Compared.rows(reefscapes.open(planOf), view, plans.words()));
        model.addAttribute("planAsItWas", planOf == null || whatIf.planIsAsItWas(tank));
        model.addAttribute("sandbox", planOf == null ? whatIf.of(tank).orElse(null) : null);
        model.addAttribute("undo", steps.last(tank).orElse(null));
        model.addAttribute("reef", svg.toString());
        model.addAttribute("reefBox", drawing.viewBox());
        model.addAttribute("spread", spread(view, day, drawing.box()[2]));
        model.addAttribute(
                "layers",
                sceneries.of(view.opened().plan().tank()).stream()
                        .map(l -> new Glass(
                                l.heap(),
                                drawing.glass(l.image(
                                        Sceneries.base(view.opened().tank().id())))))
                        .toList());
        model.addAttribute("scene", JSON.writeValueAsString(new Scene(view).on(day, from, chosen.key())));
        return "reefscape";
    }

    /** On a narrow screen the tank is so wide, px, that its smallest fish is seen, and is scrolled. */
    private static long spread(ReefscapeViews.View view, LocalDate day, double wideCm) {
        double smallest = view.outlook().on(day).stream()
                .mapToDouble(p -> p.party().lengthOn(day))
                .min()
                .orElse(wideCm);
        return Math.round(Math.min(WIDEST, LEAST_FISH * wideCm / smallest));
    }

    /**
     * Tension and places on a day; with a piece and a way, as if that piece were moved.
     *
     * @param kind rock, point, foot, hide, run or runend; empty for the reef as it is
     */
    @GetMapping(value = "/tanks/{id}/reefscape/day", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    String day(
            OwnedTank tank,
            @RequestParam(required = false) LocalDate on,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "0") String i,
            @RequestParam(defaultValue = "0") double dx,
            @RequestParam(defaultValue = "0") double dy,
            @RequestParam(defaultValue = "") String chosen) {
        ReefscapeViews.View view = reefscapes.open(tank);
        Outlook outlook = view.outlook();
        if (!kind.isEmpty()) {
            Plan plan = view.opened().plan();
            outlook = new Outlook(
                    plan.with(plan.tank()
                            .with(Moves.move(plan.tank(), kind, i, dx, dy).scape())),
                    view.opened().assessment().arrivals());
        }
        return JSON.writeValueAsString(Scene.day(outlook, view.day(on), chosen));
    }

    /** Every pair on a day, hardest first, for reading. */
    @GetMapping("/tanks/{id}/reefscape/pairs")
    String pairs(
            OwnedTank tank,
            @RequestParam(required = false) LocalDate on,
            @RequestParam(defaultValue = "false") boolean all,
            Model model) {
        ReefscapeViews.View view = reefscapes.open(tank);
        LocalDate day = view.day(on);
        shells.around(
                model,
                view.opened(),
                "reefscape",
                view.opened().say().text("page.reefscape.allPairs"),
                pages.sentence(view, day));
        pages.fillPairs(model, view, day, all);
        return "reefscape-pairs";
    }

    /** What would lower the tension of a pair most; a part of the page, asked for once the page is there. */
    @GetMapping("/tanks/{id}/reefscape/offers")
    String offers(
            OwnedTank tank, @RequestParam(required = false) LocalDate on, @RequestParam String pair, Model model) {
        ReefscapeViews.View view = reefscapes.open(tank);
        LocalDate day = view.day(on);
        Press press = view.outlook().presses(day).stream()
                .filter(p -> ReefscapePage.key(p).equals(pair))
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
        model.addAttribute("say", view.opened().say());
        model.addAttribute("offers", pages.offers(view, press, day));
        model.addAttribute("base", "/tanks/" + tank + "/reefscape");
        model.addAttribute("day", day);
        model.addAttribute("pair", pair);
        model.addAttribute("mark", steps.mark(tank));
        return "reefscape-offers";
    }
}
