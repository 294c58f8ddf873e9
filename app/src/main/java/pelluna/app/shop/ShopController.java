package pelluna.app.shop;

import java.util.Arrays;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.livestock.Lives;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.PlanJson;
import pelluna.app.shell.Shells;
import pelluna.core.shop.Says;
import pelluna.core.tank.QuarantineSchool;

/** The shop card of a tank, and the two files that it reads, with or without a connection. */
@Controller
class ShopController {
    private final TankPlans plans;
    private final Shells shells;
    private final ShopFiles files;
    private final Lives lives;
    private final KeeperCatalogue catalogue;

    ShopController(TankPlans plans, Shells shells, ShopFiles files, Lives lives, KeeperCatalogue catalogue) {
        this.lives = lives;
        this.catalogue = catalogue;
        this.plans = plans;
        this.shells = shells;
        this.files = files;
    }

    @GetMapping("/tanks/{id}/shop-card")
    String card(OwnedTank tank, @RequestParam(defaultValue = "") String q, Model model) {
        OpenTank opened = plans.open(tank);
        shells.around(
                model,
                opened,
                "shop",
                opened.say().text("page.shop.title"),
                opened.say().text("page.shop.sentence"));
        model.addAttribute("q", q);
        model.addAttribute(
                "says", Arrays.stream(Says.values()).collect(Collectors.toMap(Says::word, opened.say()::of)));
        model.addAttribute("slept", Slept.of(lives.sleptOn(tank), catalogue.get(), files.shop(opened), opened.say()));
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute(
                "quarantine",
                opened.plan().tank().school() != QuarantineSchool.NONE
                        && opened.plan().tank().quarantinePlaces() > 0);
        return "shop-card";
    }

    @GetMapping("/tanks/{id}/shop-card/fish.json")
    ResponseEntity<String> fish(
            OwnedTank tank, @RequestHeader(name = HttpHeaders.IF_NONE_MATCH, required = false) String kept) {
        return answer(tank, kept, () -> files.card(tank));
    }

    @GetMapping("/tanks/{id}/shop-card/pairs.json")
    ResponseEntity<String> pairs(
            OwnedTank tank, @RequestHeader(name = HttpHeaders.IF_NONE_MATCH, required = false) String kept) {
        return answer(tank, kept, () -> files.pairs(tank));
    }

    /** Nothing but that it still holds, where a phone has it already. */
    private ResponseEntity<String> answer(OwnedTank tank, String kept, Supplier<Object> file) {
        String tag = "W/\"" + files.version(tank) + '"';
        if (kept != null && kept.contains(tag)) {
            return ResponseEntity.status(HttpStatus.NOT_MODIFIED).eTag(tag).build();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .cacheControl(CacheControl.noStore())
                .eTag(tag)
                .body(PlanJson.MAPPER.writeValueAsString(file.get()));
    }
}
