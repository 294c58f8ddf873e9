package pelluna.app.fish;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.chart.TrendDrawing;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.limits.Days;
import pelluna.app.limits.Numbers;
import pelluna.app.limits.Refused;
import pelluna.app.picture.PictureFile;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.shell.TypedFigure;
import pelluna.app.species.Paths;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Convert;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** The fish of a tank, each with its name, role, lengths, picture and history. */
@Controller
class FishController {
    private final TankPlans plans;
    private final Individuals fish;
    private final FishLife life;
    private final FishHistory histories;
    private final WhoIsMissing partings;
    private final CurrentKeeper keeper;
    private final Shells shells;
    private final Clock clock;

    FishController(
            TankPlans plans,
            Individuals fish,
            FishLife life,
            FishHistory histories,
            WhoIsMissing partings,
            CurrentKeeper keeper,
            Shells shells,
            Clock clock) {
        this.plans = plans;
        this.fish = fish;
        this.life = life;
        this.histories = histories;
        this.partings = partings;
        this.keeper = keeper;
        this.shells = shells;
        this.clock = clock;
    }

    /** What the templates say often. */
    record Names(Words say) {
        public String picture(Species s) {
            return FishDrawing.img(s, 92);
        }

        public String role(String role) {
            return say.text("page.fish.roleSaid", role);
        }
    }

    @GetMapping("/tanks/{id}/log/fish")
    String all(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        List<Fish> there = all.stream().filter(f -> !f.gone()).toList();
        int heads = there.stream()
                .filter(f -> f.partOf() == null)
                .mapToInt(Fish::count)
                .sum();
        shells.around(
                model,
                opened,
                "log",
                opened.say().text("page.fish.fish"),
                there.isEmpty()
                        ? opened.say().text("page.fish.nobodyLivesHereYet")
                        : opened.say().text("page.fish.here", opened.say().text("page.fish.fishLive", heads)));
        model.addAttribute("tab", "fish");
        model.addAttribute("there", there);
        model.addAttribute("gone", all.stream().filter(f -> f.gone()).toList());
        model.addAttribute("words", new Names(opened.say()));
        return "fish-list";
    }

    @GetMapping("/tanks/{id}/log/fish/{which}")
    String one(OwnedTank tank, @PathVariable long which, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        Fish f = all.stream().filter(x -> x.id() == which).findFirst().orElseThrow(NoSuchTankException::new);
        Optional<Fish> group = all.stream()
                .filter(x -> f.partOf() != null && x.id() == f.partOf())
                .findFirst();
        shells.around(
                model, opened, "log", opened.say().title(f.label(opened.say())), sentence(f, group, opened.say()));
        model.addAttribute("tab", "fish");
        model.addAttribute("fish", f);
        model.addAttribute("path", Paths.of(f.species()));
        model.addAttribute("group", group.orElse(null));
        model.addAttribute(
                "members",
                all.stream()
                        .filter(x -> Long.valueOf(which).equals(x.partOf()) && !x.gone())
                        .toList());
        model.addAttribute("history", histories.of(opened, f, all));
        List<FishLife.Length> lengths = life.lengths(opened, group.orElse(f));
        model.addAttribute("lengths", lengths);
        model.addAttribute("growth", growth(lengths));
        model.addAttribute("lengthNow", life.lengthNow(opened, group.orElse(f)));
        model.addAttribute("today", plans.today().toString());
        model.addAttribute("missing", partings.missing(tank, which).orElse(null));
        model.addAttribute("origin", fish.provenance(tank, which));
        model.addAttribute("schools", Arrays.asList(QuarantineSchool.values()));
        model.addAttribute("words", new Names(opened.say()));
        return "fish";
    }

    /** Measured lengths over time; empty with fewer than two. */
    private String growth(List<FishLife.Length> lengths) {
        if (lengths.size() < 2) {
            return "";
        }
        List<TrendDrawing.Dot> dots = lengths.stream()
                .map(l -> new TrendDrawing.Dot(
                        l.on().atStartOfDay(clock.getZone()).toInstant(), l.value()))
                .toList();
        return TrendDrawing.draw(
                new TrendDrawing.Shown(
                        plans.words().text("page.fish.measuredLengths"),
                        plans.words().lengthUnit(),
                        dots,
                        List.of(),
                        OptionalDouble.empty(),
                        dots.get(0).at(),
                        clock.instant(),
                        1),
                clock.getZone(),
                plans.words());
    }

    private static String sentence(Fish f, Optional<Fish> group, Words say) {
        String kind = f.name().isEmpty() ? "" : say.title(f.species()) + ". ";
        return switch (f.stage()) {
            case BOX, BACK_IN_BOX -> say.text("page.fish.inTheSeeThroughBox", kind);
            case TIME_OUT, APART -> say.text("page.fish.outOfTheTankForAWhile", kind);
            case MISSING -> say.text("page.fish.missingNotSeenAndNotKnownTo", kind);
            case DROPPED, GONE -> say.text("page.fish.noLongerHere", kind);
            case SLEPT_ON, WISHED, QUARANTINE -> say.text("page.fish.wishedForAndNotInTheTank", kind);
            case DISPLAY ->
                kind
                        + group.map(g -> say.text("page.fish.oneOf2", g.label(say)))
                                .orElse(f.cameOn() == null ? "" : say.text("page.fish.hereSince", f.cameOn()));
        };
    }

    @PostMapping("/tanks/{id}/log/fish/{which}/called")
    String called(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String role,
            RedirectAttributes to) {
        return done(tank, which, to, () -> fish.called(tank, which, checkedName(name), life.role(role)));
    }

    @PostMapping("/tanks/{id}/log/fish/{which}/member")
    String member(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String role,
            RedirectAttributes to) {
        return done(tank, which, to, () -> fish.member(tank, which, checkedName(name), life.role(role)));
    }

    private static String checkedName(String name) {
        if (name.strip().length() > 40) {
            throw new Refused(new FishRefusal.LongName());
        }
        return name;
    }

    /** Where it comes from, in the keeper's words. */
    @PostMapping("/tanks/{id}/log/fish/{which}/bought")
    String bought(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam(defaultValue = "") String shop,
            @RequestParam(defaultValue = "") String bred,
            @RequestParam(defaultValue = "") String school,
            @RequestParam(defaultValue = "") String price,
            @RequestParam(defaultValue = "") String acquired,
            RedirectAttributes to) {
        return done(tank, which, to, () -> {
            Double each = TypedFigure.price("price", price);
            if (shop.length() > 60) {
                throw new Refused(new FishRefusal.LongShop());
            }
            LocalDate since = acquired.isBlank() ? null : Days.happened("acquired", acquired);
            Fish f = fish.one(tank, which);
            if (since != null && (since.isAfter(plans.today()) || f.cameOn() != null && since.isAfter(f.cameOn()))) {
                throw new Refused(new FishRefusal.HadLater());
            }
            fish.bought(
                    tank,
                    which,
                    shop,
                    bred.isEmpty() ? null : Boolean.valueOf(bred),
                    Named.find(QuarantineSchool.class, school)
                            .map(QuarantineSchool::word)
                            .orElse(""),
                    each,
                    since);
        });
    }

    @PostMapping("/tanks/{id}/log/fish/{which}/sex")
    String sex(OwnedTank tank, @PathVariable long which, @RequestParam String role, RedirectAttributes to) {
        return done(tank, which, to, () -> life.changesSex(tank, which, role));
    }

    @PostMapping("/tanks/{id}/log/fish/{which}/length")
    String length(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam String length,
            @RequestParam(defaultValue = "") String on,
            RedirectAttributes to) {
        return done(tank, which, to, () -> {
            try {
                double cm = Numbers.finite(length) * (keeper.words().us() ? Convert.CM_PER_INCH : 1);
                life.measured(
                        tank,
                        which,
                        on.isBlank() ? plans.today() : Days.happened("on", on),
                        Math.round(cm * 100) / 100.0);
            } catch (NumberFormatException e) {
                throw new Refused("", new FishRefusal.NoLength(), e);
            }
        });
    }

    /** A group is counted; fewer than before means that some are lost. */
    @PostMapping("/tanks/{id}/log/fish/{which}/count")
    String count(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam String count,
            @RequestParam(defaultValue = "") String note,
            RedirectAttributes to) {
        return done(tank, which, to, () -> {
            if (!count.strip().matches("\\d{1,3}")) {
                throw new Refused(new FishRefusal.HowMany());
            }
            life.counted(tank, which, Integer.parseInt(count.strip()), note);
        });
    }

    /** @param what missing, found, or back */
    @PostMapping("/tanks/{id}/log/fish/{which}/is")
    String is(OwnedTank tank, @PathVariable long which, @RequestParam String what, RedirectAttributes to) {
        return done(tank, which, to, () -> life.is(tank, which, what));
    }

    @PostMapping("/tanks/{id}/log/fish/{which}/picture")
    String picture(OwnedTank tank, @PathVariable long which, @RequestParam MultipartFile file, RedirectAttributes to) {
        return done(tank, which, to, () -> fish.shows(tank, which, PictureFile.of(file)));
    }

    @GetMapping("/tanks/{id}/log/fish/{which}/picture")
    ResponseEntity<byte[]> picture(OwnedTank tank, @PathVariable long which) {
        PictureFile p = fish.picture(tank, which).orElseThrow(NoSuchTankException::new);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(p.type()))
                .cacheControl(CacheControl.noStore())
                .body(p.bytes());
    }

    private static String done(OwnedTank tank, long which, RedirectAttributes to, Runnable task) {
        try {
            task.run();
        } catch (Refused e) {
            Refused.tell(to, e);
        } catch (PlanProblemsException e) {
            Refused.tell(
                    to, new Refused(new FishRefusal.Needed(e.problems().get(0).expected())));
        }
        return "redirect:/tanks/" + tank + "/log/fish/" + which;
    }
}
