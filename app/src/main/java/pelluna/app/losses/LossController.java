package pelluna.app.losses;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.app.drawing.Likeness;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishNotes;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.picture.PictureFile;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.quarantine.QuarantineBoard;
import pelluna.app.shell.Shells;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Proposal;
import pelluna.core.losses.Sure;

/** One loss: written down in a few taps, put right, taken back. */
@Controller
class LossController {
    private static final int LINES = 12;

    private final TankPlans plans;
    private final PlanSteps steps;
    private final Ledger ledger;
    private final LossView losses;
    private final LossEvidence evidence;
    private final Individuals fish;
    private final FishNotes notes;
    private final Crews crew;
    private final QuarantineBoard quarantine;
    private final Shells shells;

    LossController(
            TankPlans plans,
            PlanSteps steps,
            Ledger ledger,
            LossView losses,
            LossEvidence evidence,
            Individuals fish,
            FishNotes notes,
            Crews crew,
            QuarantineBoard quarantine,
            Shells shells) {
        this.plans = plans;
        this.steps = steps;
        this.ledger = ledger;
        this.losses = losses;
        this.evidence = evidence;
        this.fish = fish;
        this.notes = notes;
        this.crew = crew;
        this.quarantine = quarantine;
        this.shells = shells;
    }

    /** Somebody whose loss may be written down. @param query that chooses it */
    record Who(String name, String drawing, String query, String says) {}

    /**
     * Whose loss is being written down. @param most how many there are; @param cost of one; empty if nobody has said
     */
    record Whom(Long fish, Long crew, Long stay, String said, int most, String cost, String drawing) {}

    @GetMapping("/tanks/{id}/losses/new")
    String form(
            OwnedTank tank,
            @RequestParam(required = false) Long whom,
            @RequestParam(required = false) Long crew,
            @RequestParam(required = false) Long stay,
            @RequestParam(defaultValue = "lost") String how,
            Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        Optional<Whom> chosen = whom(opened, all, whom, crew, stay);
        shells.around(
                model,
                opened,
                "losses",
                chosen.map(c -> opened.say().text("page.losses.goodbyeTo", c.said()))
                        .orElse(opened.say().text("page.losses.whoIsIt")),
                chosen.isPresent()
                        ? opened.say().text("page.losses.whatYouKnowIsEnoughEverything")
                        : opened.say().text("page.losses.tapTheThatIsLostOrThat"));
        model.addAttribute("tab", "new");
        model.addAttribute("who", who(opened, all));
        model.addAttribute("whom", chosen.orElse(null));
        model.addAttribute("how", how);
        choices(model, all, whom);
        Optional<Fish> f =
                all.stream().filter(x -> whom != null && x.id() == whom).findFirst();
        List<Proposal> likely =
                f.map(x -> evidence.proposals(opened, x, plans.today())).orElse(List.of());
        model.addAttribute("likely", likely);
        model.addAttribute("lines", f.map(x -> notes.about(tank, x, all, LINES)).orElse(List.of()));
        return "loss-new";
    }

    private void choices(Model model, List<Fish> all, Long but) {
        model.addAttribute("causes", Arrays.asList(Cause.values()));
        model.addAttribute("sures", Arrays.asList(Sure.values()));
        model.addAttribute("lefts", Arrays.asList(Left.values()));
        model.addAttribute(
                "others",
                all.stream()
                        .filter(x -> x.there() && (but == null || x.id() != but))
                        .toList());
        model.addAttribute("today", plans.today().toString());
    }

    private List<Who> who(OpenTank opened, List<Fish> all) {
        List<Who> who = new ArrayList<>();
        for (Fish f : all) {
            if (!f.gone()) {
                String where = f.missing()
                        ? opened.say().of(f.stage())
                        : f.boxed()
                                ? opened.say().text("page.losses.inTheBox")
                                : f.stage().away()
                                        ? opened.say().text("page.losses.outOfTheTank")
                                        : f.partOf() == null ? "" : opened.say().text("page.losses.oneOfAGroup");
                who.add(new Who(
                        opened.say().title(f.label(opened.say())),
                        Likeness.of(f.species()).draw(72),
                        "whom=" + f.id(),
                        where));
            }
        }
        quarantine
                .stays(opened)
                .forEach(s -> who.add(new Who(
                        opened.say().title(s.label(opened.say())),
                        Likeness.of(s.species()).draw(72),
                        "stay=" + s.id(),
                        opened.say().text("page.losses.inQuarantine"))));
        crew.named(List.of(opened.owned())).values().stream()
                .filter(c -> c.there() > 0)
                .forEach(c -> who.add(new Who(
                        opened.say().title(c.name()),
                        Likeness.of(c.kind(), c.name()).draw(72),
                        "crew=" + c.id(),
                        opened.say().text("page.losses.there", c.there()))));
        return who;
    }

    private Optional<Whom> whom(OpenTank opened, List<Fish> all, Long number, Long crewNumber, Long stay) {
        if (number != null) {
            Fish f = all.stream().filter(x -> x.id() == number).findFirst().orElseThrow(NoSuchTankException::new);
            if (f.gone()) {
                return Optional.empty();
            }
            Double price = fish.provenance(opened.owned(), number).price();
            int away = f.missing() ? 0 : losses.missing(opened.owned(), number);
            return Optional.of(new Whom(
                    number,
                    null,
                    null,
                    f.count() > 1
                            ? opened.say().text("page.losses.someOfTheGroup", f.species())
                            : opened.say().of(f.said()),
                    f.count() + away,
                    opened.say().of(price),
                    Likeness.of(f.species()).draw(150)));
        }
        if (crewNumber != null) {
            Crews.Named c = Optional.ofNullable(
                            crew.named(List.of(opened.owned())).get(crewNumber))
                    .orElseThrow(NoSuchTankException::new);
            return Optional.of(new Whom(
                    null,
                    c.id(),
                    null,
                    opened.say().text("page.losses.someOfThe", c.name()),
                    c.there(),
                    opened.say().of(c.price()),
                    Likeness.of(c.kind(), c.name()).draw(150)));
        }
        if (stay != null) {
            QuarantineBoard.Staying s = quarantine.staying(opened.owned(), stay);
            return Optional.of(new Whom(
                    null,
                    null,
                    stay,
                    opened.say().text("page.losses.the", s.species()),
                    s.count(),
                    "",
                    Likeness.of(s.species()).draw(150)));
        }
        return Optional.empty();
    }

    @PostMapping("/tanks/{id}/losses")
    String record(
            OwnedTank tank,
            @Takes({"fish", "crew", "count", "on", "how", "cause", "sure", "by", "seen", "cost"}) @RequestParam
                    Map<String, String> form,
            @RequestParam(required = false) Long stay,
            @RequestParam(required = false) MultipartFile picture,
            RedirectAttributes to) {
        try {
            LossReport told = LossForm.read(form, plans.today());
            Optional<PictureFile> shown =
                    Optional.ofNullable(picture).filter(p -> !p.isEmpty()).map(PictureFile::of);
            long number = stay != null ? ledger.recordInQuarantine(tank, stay, told) : ledger.record(tank, told);
            shown.ifPresent(p -> ledger.shows(tank, number, p));
            return "redirect:/tanks/" + tank + "/losses/" + number;
        } catch (Refused e) {
            Refused.tell(to, e);
            for (String key : new String[] {"fish", "crew", "stay"}) {
                if (form.get(key) != null && !form.get(key).isBlank()) {
                    to.addAttribute(key.equals("fish") ? "whom" : key, form.get(key));
                }
            }
            return "redirect:/tanks/" + tank + "/losses/new";
        }
    }

    /** Some of the time before Pelluna. */
    @PostMapping("/tanks/{id}/losses/before")
    String before(
            OwnedTank tank,
            @Takes({"species", "came", "count", "on", "how", "cause", "sure", "seen", "cost"}) @RequestParam
                    Map<String, String> form,
            RedirectAttributes to) {
        try {
            ledger.remember(
                    tank,
                    form.getOrDefault("species", ""),
                    LossForm.day(form.getOrDefault("came", "")),
                    LossForm.read(form, plans.today()));
            return "redirect:/tanks/" + tank + "/losses";
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/tanks/" + tank + "/losses/new";
        }
    }

    @GetMapping("/tanks/{id}/losses/{number:\\d+}")
    String one(OwnedTank tank, @PathVariable long number, Model model) {
        long stands = ledger.standsUnder(tank, number);
        if (stands != number) {
            return "redirect:/tanks/" + tank + "/losses/" + stands;
        }
        OpenTank opened = plans.open(tank);
        LossView.Page page = losses.of(opened, number);
        shells.around(model, opened, "losses", page.line().who(), page.sentence());
        model.addAttribute("tab", "ledger");
        model.addAttribute("page", page);
        List<Fish> all = fish.all(tank);
        choices(model, all, page.fish());
        model.addAttribute(
                "lines",
                all.stream()
                        .filter(f -> page.fish() != null && f.id() == page.fish())
                        .findFirst()
                        .map(f -> notes.about(tank, f, all, LINES))
                        .orElse(List.of()));
        return "loss";
    }

    @PostMapping("/tanks/{id}/losses/{number:\\d+}/right")
    String putRight(
            OwnedTank tank,
            @PathVariable long number,
            @Takes({"fish", "crew", "count", "on", "how", "cause", "sure", "by", "seen", "cost"}) @RequestParam
                    Map<String, String> form,
            RedirectAttributes to) {
        try {
            return "redirect:/tanks/" + tank + "/losses/"
                    + ledger.putRight(tank, number, LossForm.read(form, plans.today()));
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/tanks/" + tank + "/losses/" + number;
        }
    }

    /** Nobody new until a day. @param back the loss from whose page it is asked */
    @PostMapping("/tanks/{id}/losses/wait")
    String wait(OwnedTank tank, @RequestParam String until, @RequestParam long back, RedirectAttributes to) {
        try {
            LocalDate day = Days.planned("until", until, plans.today());
            steps.change(tank, new PlanChange.ArrivalsWait(day), plan -> plan.startingOn(day));
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return "redirect:/tanks/" + tank + "/losses/" + back;
    }

    @PostMapping("/tanks/{id}/losses/{number:\\d+}/back")
    String takeBack(OwnedTank tank, @PathVariable long number, RedirectAttributes to) {
        try {
            ledger.takeBack(tank, number);
            return "redirect:/tanks/" + tank + "/losses";
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/tanks/" + tank + "/losses/" + number;
        }
    }

    @GetMapping("/tanks/{id}/losses/{number:\\d+}/picture")
    ResponseEntity<byte[]> picture(OwnedTank tank, @PathVariable long number) {
        PictureFile p = losses.picture(tank, number).orElseThrow(NoSuchTankException::new);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(p.type()))
                .cacheControl(CacheControl.noStore())
                .body(p.bytes());
    }
}
