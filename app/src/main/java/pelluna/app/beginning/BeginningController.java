package pelluna.app.beginning;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.tank.FlatFigures;
import pelluna.app.tankplace.NewTank;
import pelluna.app.tankplace.TankEdits;
import pelluna.app.tankplace.TankField;
import pelluna.app.tankplace.UsualTank;
import pelluna.core.catalogue.Stance;
import pelluna.core.tank.Keeper;
import pelluna.core.tank.QuotedSize;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** The tank by a few questions. Every answer is kept at once, so that it can be left and taken up again. */
@Controller
class BeginningController {
    private static final double LITRE = 1000;

    private final TankPlans plans;
    private final Shells shells;
    private final NewTank newTank;
    private final TankEdits edits;
    private final KeeperCatalogue catalogue;
    private final SamplePlan sample;

    BeginningController(
            TankPlans plans,
            Shells shells,
            NewTank newTank,
            TankEdits edits,
            KeeperCatalogue catalogue,
            SamplePlan sample) {
        this.sample = sample;
        this.plans = plans;
        this.shells = shells;
        this.newTank = newTank;
        this.edits = edits;
        this.catalogue = catalogue;
    }

    /** A size to tap. @param volume of its glass @param room species that have room in it */
    record Size(UsualTank tank, String volume, long room) {}

    @GetMapping("/begin")
    String size(Model model) {
        return sizes(model, Map.of(), Map.of());
    }

    @PostMapping("/begin")
    String make(@RequestParam MultiValueMap<String, String> form, Model model, HttpServletResponse response) {
        Words say = plans.words();
        form.putIfAbsent("name", List.of(say.text("page.beginning.myTank")));
        NewTank.Made made = newTank.make(form, say);
        if (made.errors().isEmpty()) {
            return "redirect:/tanks/" + made.id() + "/begin";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return sizes(model, form.toSingleValueMap(), made.errors());
    }

    /** A tank that somebody might have, with wishes, to look around in. */
    @PostMapping("/begin/sample")
    String sample() {
        return "redirect:/tanks/" + plans.bringIn(sample.plan()).id() + "/begin/walk";
    }

    /** What is to be seen in a tank, and where: for who looks around in one that is nobody's yet. */
    @GetMapping("/tanks/{id}/begin/walk")
    String walk(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        List<SampleWalk.Stop> stops = SampleWalk.of(opened);
        shells.around(
                model,
                opened,
                "begin",
                say.text("page.beginning.walkTitle"),
                say.text("page.beginning.walkSentence", opened.tank().name(), stops.size()));
        model.addAttribute("stops", stops);
        model.addAttribute("pictures", new FishFiles());
        return "begin-walk";
    }

    private String sizes(Model model, Map<String, String> typed, Map<String, String> errors) {
        Words say = plans.words();
        shells.around(model, "begin", say.text("page.beginning.howLarge"), say.text("page.beginning.tapASize"));
        model.addAttribute(
                "sizes", UsualTank.all(say).stream().map(t -> size(t, say)).toList());
        model.addAttribute("all", catalogue.get().all().size());
        model.addAttribute("typed", typed);
        model.addAttribute("errors", errors);
        return "begin";
    }

    private Size size(UsualTank tank, Words say) {
        double litres = tank.lengthCm() * tank.widthCm() * tank.heightCm() / LITRE;
        long room = catalogue.get().all().stream()
                .filter(s -> QuotedSize.share(litres, s.room().litres().at(Stance.CUSTOMARY)) >= 1)
                .filter(s -> s.room().runCm().at(Stance.CUSTOMARY) <= tank.lengthCm())
                .count();
        return new Size(tank, say.volume(litres), room);
    }

    /** Something to tap. @param says what it stands for @param on whether it is what was answered */
    record Choice(String value, String says, boolean on) {}

    @GetMapping("/tanks/{id}/begin")
    String questions(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        FlatFigures said = opened.tank().figures().flat();
        shells.around(
                model, opened, "begin", say.text("page.beginning.yourTank"), say.text("page.beginning.fewQuestions"));
        Cycle cycled = said.get(TankField.CYCLED.key()) == null
                ? null
                : Cycle.of(opened.plan().tank().cycledOn(), plans.today());
        String keeper = String.valueOf(said.get(TankField.KEEPER.key()));
        model.addAttribute(
                "cycles",
                Arrays.stream(Cycle.values())
                        .map(c -> new Choice(c.word(), say.of(c), c == cycled))
                        .toList());
        model.addAttribute(
                "keepers",
                Arrays.stream(Keeper.values())
                        .map(k -> new Choice(k.word(), say.of(k), k.word().equals(keeper)))
                        .toList());
        model.addAttribute(
                "life",
                Arrays.stream(ReefLife.values())
                        .map(l -> new Choice(
                                l.word(), say.of(l), opened.plan().tank().keeps(l)))
                        .toList());
        model.addAttribute(
                "onlyFish",
                said.get(TankField.KEEPS.key()) != null
                        && opened.plan().tank().keeps().isEmpty());
        model.addAttribute("decides", Decides.of(catalogue.get(), opened.singles()));
        model.addAttribute("glass", say.volume(opened.plan().tank().glassLitres()));
        model.addAttribute("length", say.length(opened.plan().tank().lengthCm()));
        return "begin-questions";
    }

    /** @param what 'cycled', 'keeper', 'life' or 'nothing', which is no other life @param answer its word */
    @PostMapping("/tanks/{id}/begin")
    String answer(OwnedTank tank, @RequestParam String what, @RequestParam(defaultValue = "") String answer) {
        switch (what) {
            case "cycled" -> {
                LocalDate day = Named.find(Cycle.class, answer)
                        .orElseThrow(NoSuchTankException::new)
                        .day(plans.today());
                save(tank, TankField.CYCLED, List.of(day.toString()));
            }
            case "keeper" -> {
                Named.find(Keeper.class, answer).orElseThrow(NoSuchTankException::new);
                save(tank, TankField.KEEPER, List.of(answer));
            }
            case "life" -> turn(tank, Named.find(ReefLife.class, answer).orElseThrow(NoSuchTankException::new));
            case "nothing" -> save(tank, TankField.KEEPS, List.of());
            default -> throw new NoSuchTankException();
        }
        return "redirect:/tanks/" + tank + "/begin";
    }

    private void turn(OwnedTank tank, ReefLife life) {
        List<String> keeps = new ArrayList<>(plans.open(tank).plan().tank().keeps().stream()
                .map(ReefLife::word)
                .toList());
        if (!keeps.remove(life.word())) {
            keeps.add(life.word());
        }
        save(tank, TankField.KEEPS, keeps);
    }

    private void save(OwnedTank tank, TankField field, List<String> value) {
        edits.save(tank, Map.of(field, value), Map.of(), plans.words());
    }
}
