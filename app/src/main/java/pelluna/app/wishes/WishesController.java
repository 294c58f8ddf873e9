package pelluna.app.wishes;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.FishFiles;
import pelluna.app.limits.Takes;
import pelluna.app.names.NameChoices;
import pelluna.app.planfile.EntryForm;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.plan.Risk;
import pelluna.core.risk.OwnRisk;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** The Wishes place: everything a keeper would love to have, through the Sieve. */
@Controller
class WishesController {
    private final TankPlans plans;
    private final WishEdits wishDesk;
    private final Shells shells;
    private final CurrentKeeper keeper;
    private final NameChoices names;

    WishesController(TankPlans plans, WishEdits wishDesk, Shells shells, CurrentKeeper keeper, NameChoices names) {
        this.plans = plans;
        this.wishDesk = wishDesk;
        this.shells = shells;
        this.keeper = keeper;
        this.names = names;
    }

    @GetMapping("/tanks/{id}/wish-list")
    String wishes(OwnedTank tank, @RequestParam(required = false) Long wish, Model model) {
        return page(tank, wish, model, Map.of(), Map.of(), Map.of(), Map.of());
    }

    @PostMapping("/tanks/{id}/wish-list")
    String add(
            OwnedTank tank,
            @Takes({"species", "chosen", "count", "lengthCm", "captiveBred", "want"}) @RequestParam
                    Map<String, String> form,
            @RequestParam(name = "wish", required = false) Long chosen,
            Model model,
            HttpServletResponse response) {
        EntryForm entry = EntryForm.wish(form, keeper.words()).named(names::resolve);
        if (entry.errors().isEmpty()) {
            try {
                Long added = plans.addWish(tank, plans.typed(tank, entry));
                return "redirect:/tanks/" + tank + "/wish-list?wish=" + added;
            } catch (PlanProblemsException e) {
                entry.refuse(e.problems());
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(tank, chosen, model, form, entry.errors(), Map.of(), Map.of());
    }

    @PostMapping("/tanks/{id}/wish-list/{wish}")
    String change(
            OwnedTank tank,
            @PathVariable long wish,
            @Takes({"count", "lengthCm", "captiveBred", "want"}) @RequestParam Map<String, String> form,
            Model model,
            HttpServletResponse response) {
        Map<String, String> errors = wishDesk.change(tank, wish, form, keeper.words());
        if (errors.isEmpty()) {
            return "redirect:/tanks/" + tank + "/wish-list?wish=" + wish;
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(tank, wish, model, Map.of(), Map.of(), form, errors);
    }

    @PostMapping("/tanks/{id}/wish-list/{wish}/remove")
    String remove(OwnedTank tank, @PathVariable long wish) {
        wishDesk.remove(tank, wish);
        return "redirect:/tanks/" + tank + "/wish-list";
    }

    /** A refused wish goes into the plan all the same, or out of it again. */
    @PostMapping("/tanks/{id}/wish-list/{wish}/risk")
    String risk(OwnedTank tank, @PathVariable long wish, @RequestParam String how) {
        wishDesk.risk(tank, wish, Named.find(Risk.class, how).orElseThrow(NoSuchTankException::new));
        return "redirect:/tanks/" + tank + "/wish-list?wish=" + wish;
    }

    private String page(
            OwnedTank tank,
            Long chosen,
            Model model,
            Map<String, String> typed,
            Map<String, String> errors,
            Map<String, String> typedChange,
            Map<String, String> changeErrors) {
        OpenTank opened = plans.open(tank);
        List<WishView> views = new ArrayList<>();
        for (Verdict v : opened.assessment().sieve()) {
            views.add(WishView.of(opened, v));
        }
        WishView selected = views.stream()
                .filter(v -> v.id().equals(chosen))
                .findFirst()
                .orElse(views.isEmpty() ? null : WishView.firstToRead(views));
        shells.around(
                model,
                opened,
                "wishes",
                opened.say().text("page.wishes.wishes2"),
                WishView.sentence(views, opened.say()));
        model.addAttribute("views", views);
        model.addAttribute("selected", selected);
        model.addAttribute(
                "opened", chosen != null && selected != null && selected.id().equals(chosen));
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("falling", Falling.of(views));
        model.addAttribute("through", views.stream().filter(WishView::taken).toList());
        model.addAttribute("sieve", views.isEmpty() ? "" : SieveDrawing.of(views, selected, opened.say(), tank.id()));
        model.addAttribute(
                "risk",
                selected == null || selected.taken() && !selected.atOwnRisk()
                        ? null
                        : OwnRisk.of(opened.plan(), selected.verdict()));
        model.addAttribute("best", opened.assessment().bestSet());
        model.addAttribute("stopped", opened.assessment().stopped().orElse(null));
        model.addAttribute("leaving", leaving(opened));
        model.addAttribute("capacity", opened.assessment().capacity());
        model.addAttribute("typed", typed);
        model.addAttribute("errors", errors);
        model.addAttribute("values", values(selected, typedChange, opened.say()));
        model.addAttribute("changeErrors", changeErrors);
        model.addAttribute(
                "bigFish",
                selected == null
                        ? ""
                        : FishDrawing.img(selected.verdict().wish().species(), 96));
        model.addAttribute(
                "offer", errors.containsKey("species") ? names.offer(typed.getOrDefault("species", ""), opened) : null);
        return "wishes";
    }

    private static Map<String, String> values(WishView selected, Map<String, String> typed, Words say) {
        Map<String, String> values =
                new LinkedHashMap<>(selected == null ? Map.of() : WishEdits.shown(selected.row(), say));
        Map<String, String> was = new LinkedHashMap<>(values);
        typed.forEach((key, value) -> values.replace(key, value));
        was.forEach((key, value) -> values.put("was-" + key, value));
        return values;
    }

    private static Map<String, String> leaving(OpenTank opened) {
        Map<String, String> because = new LinkedHashMap<>();
        opened.assessment()
                .bestSet()
                .leave()
                .forEach((wish, leaving) ->
                        because.put(opened.say().of(wish), opened.say().of(leaving.because())));
        return because;
    }
}
