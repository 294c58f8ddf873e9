package pelluna.app.shop;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.limits.Moments;
import pelluna.app.limits.Takes;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.SolveTime;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.plan.Party;
import pelluna.core.shop.CoolOff;
import pelluna.core.shop.Says;
import pelluna.words.Words;

/** A fish bought outside the plan: written down with two taps, and what follows from it; and what is slept on. */
@Controller
class BoughtController {
    private static final int MOST_SAID = 3;

    private final TankPlans plans;
    private final Bought bought;
    private final SolveTime time;
    private final Shells shells;
    private final Clock clock;

    BoughtController(TankPlans plans, Bought bought, SolveTime time, Shells shells, Clock clock) {
        this.plans = plans;
        this.bought = bought;
        this.time = time;
        this.shells = shells;
        this.clock = clock;
    }

    @PostMapping("/tanks/{id}/shop-card/bought")
    String buy(
            OwnedTank tank,
            @RequestParam String species,
            @RequestParam(defaultValue = "tank") String into,
            @Takes({"at"}) @RequestParam Map<String, String> form) {
        long life = bought.buy(tank, species, into.equals("quarantine"), Moments.of(form, clock.instant()));
        return "redirect:/tanks/" + tank + "/shop-card/bought/" + life;
    }

    @PostMapping("/tanks/{id}/shop-card/sleep")
    String sleep(OwnedTank tank, @RequestParam String species) {
        bought.sleepOn(tank, species);
        return "redirect:/tanks/" + tank + "/shop-card#slept";
    }

    /** @param what wish or drop */
    @PostMapping("/tanks/{id}/shop-card/sleep/{life}")
    String wakeUp(OwnedTank tank, @PathVariable long life, @RequestParam String what) {
        bought.wakeUp(tank, life, what.equals("wish"));
        return "redirect:/tanks/" + tank + "/shop-card#slept";
    }

    @GetMapping("/tanks/{id}/shop-card/bought/{life}")
    String coolOff(OwnedTank tank, @PathVariable long life, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        Optional<LivestockEntity> resident = opened.resident("r" + life);
        Party party = opened.living(life).or(() -> opened.wished(life)).orElseThrow(NoSuchTankException::new);
        CoolOff c = CoolOff.of(opened.plan(), party, plans.today(), time.begins());
        shells.around(
                model,
                opened,
                "shop",
                say.text("page.shop.boughtTitle", say.title(party)),
                resident.isPresent() ? say.text("page.shop.itIsInTheTank") : say.text("page.shop.itIsInQuarantine"));
        model.addAttribute("says", c.asked().says().word());
        model.addAttribute("judged", judged(c.asked().says(), say));
        model.addAttribute("main", Shortly.said(c.asked().main(), say));
        model.addAttribute("species", party.species());
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("mustBe", c.asked().mustBe());
        model.addAttribute("effects", effects(c, resident.isPresent(), say));
        model.addAttribute(
                "watch",
                c.watch().stream()
                        .limit(MOST_SAID)
                        .map(w -> Shortly.said(w, say))
                        .toList());
        model.addAttribute("living", resident.isPresent());
        model.addAttribute("life", life);
        OptionalInt shared = bought.shares(tank, life);
        model.addAttribute("shares", shared.isPresent() ? say.text("page.shop.sharesPlace", shared.getAsInt()) : "");
        return "bought";
    }

    private static String judged(Says says, Words say) {
        return switch (says) {
            case YES -> say.text("page.shop.keepIt");
            case YES_IF -> say.text("page.shop.keepItIf");
            case NOT_TODAY -> say.text("page.shop.tooSoon");
            case NOT_THIS_ONE -> say.text("page.shop.takeItBack");
        };
    }

    private static List<String> effects(CoolOff c, boolean inTheTank, Words say) {
        Optional<LocalDate> later =
                c.next().filter(n -> inTheTank && !c.nextBefore().equals(Optional.of(n)));
        return Stream.concat(
                        later.map(n -> say.text("page.shop.nextWaits", n)).stream(),
                        c.effects().stream().limit(MOST_SAID).map(say::of))
                .toList();
    }
}
