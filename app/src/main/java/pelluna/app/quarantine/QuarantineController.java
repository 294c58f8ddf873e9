package pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.limits.Numbers;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.introduction.Look;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.water.SeaWater;
import pelluna.words.Words;

/** The quarantine board of a tank. */
@Controller
class QuarantineController {
    private static final double LEAST_SALINITY = 5;
    private static final double MOST_SALINITY = 45;

    private final TankPlans plans;
    private final QuarantineBoard board;
    private final Shells shells;

    QuarantineController(TankPlans plans, QuarantineBoard board, Shells shells) {
        this.plans = plans;
        this.board = board;
        this.shells = shells;
    }

    /** What the board's template says often. */
    record Figures(Words say) {
        public String place(QuarantineBoard.Place p) {
            return PlaceDrawing.draw(p.number(), p.stays(), say);
        }

        /** '1.0235, 31 g/kg'. */
        public String gravity(double salinity) {
            return say.text(
                    "page.quarantine.gKg", say.fixed(SeaWater.specificGravity(salinity), 4), say.number(salinity, 1));
        }

        public String looked(CheckEntity c) {
            Look l = c.look();
            List<String> seen = new ArrayList<>();
            seen.add(l.eats() ? say.text("page.quarantine.lookEats") : say.text("page.quarantine.lookDoesNotEat"));
            if (l.spots()) {
                seen.add(say.text("page.quarantine.lookSpots"));
            }
            if (l.fastBreath()) {
                seen.add(say.text("page.quarantine.lookFastBreath"));
            }
            if (l.tornFins()) {
                seen.add(say.text("page.quarantine.lookTornFins"));
            }
            c.salinity().ifPresent(s -> seen.add(gravity(s)));
            String looked = say.text("page.quarantine.lookSaid", l.on(), String.join(", ", seen));
            return c.note().isEmpty() ? looked : say.text("page.quarantine.lookSaidAndNoted", looked, c.note());
        }
    }

    @GetMapping("/tanks/{id}/arrivals/quarantine")
    String quarantine(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<QuarantineBoard.Place> places = board.board(opened);
        int in = places.stream().mapToInt(p -> p.stays().size()).sum();
        long ready = places.stream()
                .flatMap(p -> p.stays().stream())
                .filter(s -> s.clock().mayGo())
                .count();
        QuarantineSchool school = opened.plan().tank().school();
        shells.around(
                model,
                opened,
                "arrivals",
                opened.say().text("page.quarantine.quarantine"),
                in == 0
                        ? opened.say()
                                .text(
                                        "page.quarantine.nobodyIsInQuarantineYourSchool",
                                        opened.say().of(school))
                        : (ready == 0
                                ? opened.say()
                                        .text(
                                                "page.quarantine.noneMayGoOnToday",
                                                opened.say().text("page.quarantine.stays", in))
                                : ready == 1
                                        ? opened.say()
                                                .text(
                                                        "page.quarantine.mayGoOnToday",
                                                        opened.say().text("page.quarantine.stays", in))
                                        : opened.say()
                                                .text(
                                                        "page.quarantine.mayGoOnToday2",
                                                        opened.say().text("page.quarantine.stays", in),
                                                        ready)));
        model.addAttribute("tab", "quarantine");
        model.addAttribute("places", places);
        List<QuarantineBoard.Due> due = board.due(opened);
        model.addAttribute("due", due);
        model.addAttribute(
                "next", due.stream().collect(Collectors.toMap(QuarantineBoard.Due::place, d -> d, (a, b) -> a)));
        model.addAttribute("ended", board.ended(tank));
        model.addAttribute("today", plans.today());
        model.addAttribute("target", opened.plan().tank().salinity());
        model.addAttribute("school", school);
        model.addAttribute("words", new Figures(opened.say()));
        return "quarantine";
    }

    @PostMapping("/tanks/{id}/arrivals/quarantine")
    String begin(
            OwnedTank tank,
            @RequestParam String fish,
            @RequestParam int place,
            @RequestParam String on,
            @RequestParam(defaultValue = "") String salinity,
            RedirectAttributes to) {
        try {
            Double typed = salinity(salinity);
            LocalDate day = Days.happened("on", on);
            if (day.isAfter(plans.today()) || place < 1 || place > 20) {
                throw new Refused(new QuarantineRefusal.NoStay());
            }
            board.begin(
                    tank,
                    fish,
                    place,
                    day,
                    typed == null ? plans.open(tank).plan().tank().salinity() : typed);
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return back(tank);
    }

    @PostMapping("/tanks/{id}/arrivals/quarantine/{stay}/look")
    String look(
            OwnedTank tank,
            @PathVariable long stay,
            @RequestParam(defaultValue = "false") boolean eats,
            @RequestParam(defaultValue = "false") boolean spots,
            @RequestParam(defaultValue = "false") boolean fastBreath,
            @RequestParam(defaultValue = "false") boolean tornFins,
            @RequestParam(defaultValue = "") String salinity,
            @RequestParam(defaultValue = "") String note,
            RedirectAttributes to) {
        try {
            board.look(
                    tank,
                    stay,
                    new Look(plans.today(), eats, spots, fastBreath, tornFins),
                    salinity(salinity),
                    note.strip());
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return back(tank);
    }

    @PostMapping("/tanks/{id}/arrivals/quarantine/{stay}/release")
    String release(OwnedTank tank, @PathVariable long stay) {
        board.release(tank, stay);
        return back(tank);
    }

    /** @param how given back or died */
    @PostMapping("/tanks/{id}/arrivals/quarantine/{stay}/end")
    String end(OwnedTank tank, @PathVariable long stay, @RequestParam String how) {
        board.end(tank, stay, "died".equals(how) ? StayEnd.DIED : StayEnd.OTHERWISE);
        return back(tank);
    }

    private static String back(OwnedTank tank) {
        return "redirect:/tanks/" + tank + "/arrivals/quarantine";
    }

    /** Specific gravity or g/kg, as it was typed; null if nothing was. */
    private static Double salinity(String typed) {
        if (typed.isBlank()) {
            return null;
        }
        try {
            double value = Numbers.finite(typed.strip().replace(',', '.'));
            OptionalDouble salinity = SeaWater.ofFigure(value);
            if (salinity.isPresent()
                    && salinity.getAsDouble() >= LEAST_SALINITY
                    && salinity.getAsDouble() <= MOST_SALINITY) {
                return salinity.getAsDouble();
            }
        } catch (NumberFormatException e) {
            // said below
        }
        throw new Refused(new QuarantineRefusal.NoSalinity(typed));
    }
}
