package pelluna.app.tankplace;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.fish.ComesIn;
import pelluna.app.limits.Takes;
import pelluna.app.names.NameChoices;
import pelluna.app.planfile.EntryForm;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.scenery.Sceneries;
import pelluna.app.shell.Shells;
import pelluna.app.tank.FlatFigures;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Party;
import pelluna.core.tank.TankVolume;
import pelluna.core.units.Convert;
import pelluna.words.Words;

/** The Tank place: figures, drawing, residents, and what each figure decides. */
@Controller
class TankController {
    private final TankPlans plans;
    private final TankEdits tankDesk;
    private final NewTank newTank;
    private final Shells shells;
    private final CurrentKeeper keeper;
    private final NameChoices names;
    private final ComesIn comesIn;
    private final Sceneries sceneries;

    TankController(
            TankPlans plans,
            TankEdits tankDesk,
            NewTank newTank,
            Shells shells,
            CurrentKeeper keeper,
            NameChoices names,
            ComesIn comesIn,
            Sceneries sceneries) {
        this.plans = plans;
        this.tankDesk = tankDesk;
        this.newTank = newTank;
        this.shells = shells;
        this.keeper = keeper;
        this.names = names;
        this.comesIn = comesIn;
        this.sceneries = sceneries;
    }

    /** A field as the page shows it. */
    record FieldView(TankField field, String value, String was, String unit, String error, List<String> chosen) {}

    /** A resident as the page shows it. */
    record ResidentView(Long id, String name, String scientific, String detail, String fish) {}

    @GetMapping("/tanks/new")
    String fresh(Model model) {
        return freshPage(model, Map.of(), Map.of());
    }

    private String freshPage(Model model, Map<String, String> typed, Map<String, String> errors) {
        shells.around(
                model,
                "new",
                plans.words().text("page.tankplace.aNewTank"),
                plans.words().text("page.tankplace.itsInsideSizeIsEnoughToBegin"));
        Words say = keeper.words();
        model.addAttribute("typed", typed);
        model.addAttribute("errors", errors);
        model.addAttribute("usual", UsualTank.all(say));
        model.addAttribute("perUnit", say.us() ? Convert.CM_PER_INCH : 1);
        return "tank-new";
    }

    @PostMapping("/tanks")
    String create(
            @GlassFields @RequestParam MultiValueMap<String, String> form, Model model, HttpServletResponse response) {
        NewTank.Made made = newTank.make(form, keeper.words());
        if (made.errors().isEmpty()) {
            return "redirect:/tanks/" + made.id() + "/tank";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return freshPage(model, form.toSingleValueMap(), made.errors());
    }

    @GetMapping("/tanks/{id}/tank")
    String tank(OwnedTank tank, Model model) {
        return page(tank, model, Map.of(), Map.of(), Map.of(), Map.of());
    }

    @PostMapping("/tanks/{id}/tank")
    String save(
            OwnedTank tank,
            @GlassFields @RequestParam MultiValueMap<String, String> form,
            Model model,
            HttpServletResponse response) {
        Map<TankField, List<String>> typed = new LinkedHashMap<>();
        Map<String, String> was = new LinkedHashMap<>();
        for (TankField field : TankField.values()) {
            if (form.containsKey(field.key())) {
                typed.put(field, form.get(field.key()));
            }
            if (form.containsKey("was-" + field.key())) {
                was.put(field.key(), form.getFirst("was-" + field.key()));
            }
        }
        Map<String, String> refused = tankDesk.save(tank, typed, was, keeper.words());
        if (refused.isEmpty()) {
            return "redirect:/tanks/" + tank + "/tank";
        }
        Map<String, List<String>> kept = new LinkedHashMap<>();
        typed.forEach((field, texts) -> {
            if (refused.containsKey(field.key())) {
                kept.put(field.key(), texts);
            }
        });
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(tank, model, refused, kept, Map.of(), Map.of());
    }

    @PostMapping("/tanks/{id}/name")
    String rename(OwnedTank tank, @RequestParam String name) {
        tankDesk.rename(tank, name);
        return "redirect:/tanks/" + tank + "/tank";
    }

    @PostMapping("/tanks/{id}/stance")
    String stance(OwnedTank tank, @RequestParam String stance, @RequestParam(defaultValue = "wishes") String place) {
        tankDesk.stance(tank, stance);
        return place.matches("[a-z]+")
                ? "redirect:/tanks/" + tank + "/" + place
                : "redirect:/tanks/" + tank + "/wish-list";
    }

    @PostMapping("/tanks/{id}/start")
    String start(OwnedTank tank, @RequestParam String startOn) {
        tankDesk.startOn(tank, startOn.trim());
        return "redirect:/tanks/" + tank + "/arrivals";
    }

    @PostMapping("/tanks/{id}/remove")
    String giveUp(OwnedTank tank) {
        tankDesk.giveUp(tank);
        return "redirect:/";
    }

    /** @param what 'away', anything else to bring it back */
    @PostMapping("/tanks/{id}/archive")
    String archive(OwnedTank tank, @RequestParam String what) {
        boolean away = what.equals("away");
        tankDesk.putAway(tank, away);
        return away ? "redirect:/tanks" : "redirect:/tanks/" + tank + "/tank";
    }

    @PostMapping("/tanks/{id}/residents")
    String settle(
            OwnedTank tank,
            @Takes({"species", "chosen", "count", "lengthCm", "captiveBred", "since"}) @RequestParam
                    Map<String, String> form,
            Model model,
            HttpServletResponse response) {
        EntryForm entry = EntryForm.resident(form, keeper.words()).named(names::resolve);
        if (entry.errors().isEmpty()) {
            try {
                FishFile resident = plans.typed(tank, entry);
                if (plans.today().equals(resident.since())) {
                    comesToday(tank, resident);
                } else {
                    plans.addResident(tank, resident);
                }
                return "redirect:/tanks/" + tank + "/tank#residents";
            } catch (PlanProblemsException e) {
                entry.refuse(e.problems());
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(tank, model, Map.of(), Map.of(), form, entry.errors());
    }

    /** What comes today is an arrival as any other: what the plan says of it is kept. */
    private void comesToday(OwnedTank tank, FishFile resident) {
        comesIn.comesAsIs(tank, resident.but(d -> d.since = null), plans.today());
    }

    @PostMapping("/tanks/{id}/residents/{resident}/remove")
    String takeOut(OwnedTank tank, @PathVariable long resident) {
        tankDesk.takeOut(tank, resident);
        return "redirect:/tanks/" + tank + "/tank#residents";
    }

    private String page(
            OwnedTank tank,
            Model model,
            Map<String, String> errors,
            Map<String, List<String>> kept,
            Map<String, String> typedResident,
            Map<String, String> residentErrors) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        FlatFigures flat = opened.tank().figures().flat();
        Map<String, List<FieldView>> groups = Arrays.stream(TankField.values())
                .collect(Collectors.groupingBy(
                        f -> say.of(f.part()),
                        LinkedHashMap::new,
                        Collectors.mapping(f -> view(f, flat, errors, kept, say), Collectors.toList())));
        TankVolume volume = opened.plan().tank().volume();
        shells.around(model, opened, "tank", say.text("page.tankplace.tank"), sentence(volume, say));
        model.addAttribute("name", opened.tank().name());
        model.addAttribute("archived", tank.archived());
        model.addAttribute("groups", groups);
        model.addAttribute(
                "front",
                sceneries.framed(
                        opened.tank().id(),
                        opened.plan().tank(),
                        say,
                        "reef tank-front",
                        say.text("page.tankplace.fromTheFront"),
                        ""));
        model.addAttribute("drawing", TankDrawing.of(opened.plan().tank(), say));
        model.addAttribute("volume", breakdown(volume, say));
        model.addAttribute("decides", WhatDecides.sentences(opened.assessment(), say));
        model.addAttribute("assumed", WhatDecides.assumed(opened.assessment(), say));
        List<ResidentView> living = new ArrayList<>();
        for (int i = 0; i < opened.residents().size(); i++) {
            Party p = opened.plan().residents().get(i);
            living.add(new ResidentView(
                    opened.residents().get(i).id(),
                    say.title(p),
                    p.species().scientificName(),
                    say.text("page.tankplace.since", say.length(p.lengthCm()), p.since()),
                    FishDrawing.img(p.species(), p.species().lookAt(p.lengthCm()), 46)));
        }
        model.addAttribute("residents", living);
        model.addAttribute("typedResident", typedResident);
        model.addAttribute("residentErrors", residentErrors);
        model.addAttribute(
                "offer",
                residentErrors.containsKey("species")
                        ? names.offer(typedResident.getOrDefault("species", ""), opened)
                        : null);
        return "tank";
    }

    private static FieldView view(
            TankField f, FlatFigures flat, Map<String, String> errors, Map<String, List<String>> kept, Words say) {
        String stored = TankEdits.shown(f, flat.get(f.key()), say);
        List<String> typed = kept.get(f.key());
        List<String> chosen = flat.get(f.key()) instanceof List<?> list
                ? list.stream().map(Object::toString).toList()
                : List.of();
        return new FieldView(
                f,
                typed == null ? stored : typed.get(typed.size() - 1),
                stored,
                Typed.unit(f.kind(), say),
                errors.get(f.key()),
                chosen);
    }

    private static String sentence(TankVolume v, Words say) {
        return v.measured()
                ? say.text("page.tankplace.netByYourOwnMeasurement", say.volume(v.netLitres()))
                : say.text("page.tankplace.ofWaterOnceRockAndSandHave", say.volume(v.netLitres()));
    }

    private static Map<String, String> breakdown(TankVolume v, Words say) {
        Map<String, String> lines = new LinkedHashMap<>();
        lines.put(say.text("page.tankplace.glassFilled"), say.volume(v.grossLitres()));
        lines.put(say.text("page.tankplace.lessRock"), say.volume(v.rockLitres()));
        lines.put(say.text("page.tankplace.lessSand"), say.volume(v.sandLitres()));
        lines.put(say.text("page.tankplace.andSump"), say.volume(v.sumpLitres()));
        lines.put(
                v.measured() ? say.text("page.tankplace.netMeasured") : say.text("page.tankplace.net"),
                say.volume(v.netLitres()));
        return lines;
    }
}
