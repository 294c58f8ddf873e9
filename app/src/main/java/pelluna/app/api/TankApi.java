package pelluna.app.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.writes.TankVersion;
import pelluna.core.plan.Party;
import pelluna.core.shop.Shop;
import pelluna.core.shop.ShopAnswer;
import pelluna.words.Words;

/** Tanks as programs read them. */
@RestController
@Tag(name = "tanks")
@RequestMapping(value = "/api/v1/tanks", produces = MediaType.APPLICATION_JSON_VALUE)
class TankApi {
    private final Ownership ownership;
    private final TankPlans plans;
    private final PlanSteps steps;
    private final PlanFiles files;
    private final KeeperCatalogue catalogue;
    private final TankVersion versions;

    TankApi(
            Ownership ownership,
            TankPlans plans,
            PlanSteps steps,
            PlanFiles files,
            KeeperCatalogue catalogue,
            TankVersion versions) {
        this.ownership = ownership;
        this.plans = plans;
        this.steps = steps;
        this.files = files;
        this.catalogue = catalogue;
        this.versions = versions;
    }

    /** A tank in a list. */
    record TankLine(long id, String name, String owner, String role, boolean archived) {}

    /**
     * A tank and its fish.
     *
     * @param mark of the plan as it is: what hands at the plan send as {@code of}
     */
    record TankPart(
            long id,
            String name,
            String stance,
            LocalDate startOn,
            double grossLitres,
            double netLitres,
            double runCm,
            String mark,
            List<FishPart> residents,
            List<FishPart> wishes) {}

    /** @param fish by which hands at the plan know it; @param record its number among the records of livestock */
    record FishPart(String fish, long record, String species, int count, double lengthCm) {}

    /** What Pelluna says of one fish of a species for this tank today. @param buyFrom null if it has no day */
    record VerdictPart(String species, String says, String why, List<String> mustBe, LocalDate buyFrom) {}

    @Operation(operationId = "listTanks", summary = "Your tanks, and those you may enter")
    @GetMapping
    Listed<TankLine> tanks(
            @RequestParam(defaultValue = "0") long after, @RequestParam(defaultValue = Limit.USUAL) int limit) {
        int most = Limit.of(limit);
        List<TankLine> all = ownership.entered().stream()
                .map(e -> new TankLine(
                        e.tank().id(),
                        e.name(),
                        e.owner(),
                        e.tank().role().name().toLowerCase(Locale.ROOT),
                        e.tank().archived()))
                .sorted(Comparator.comparingLong(TankLine::id))
                .filter(t -> t.id() > after)
                .limit(most + 1L)
                .toList();
        return Listed.of(all, most, t -> Long.toString(t.id()));
    }

    @Operation(operationId = "getTank", summary = "A tank with its fish")
    @GetMapping("/{id}")
    ResponseEntity<TankPart> tank(OwnedTank tank) {
        String tag = versions.tag(tank.id());
        OpenTank opened = plans.open(tank);
        var glass = opened.plan().tank();
        return ResponseEntity.ok()
                .header(HttpHeaders.ETAG, tag)
                .body(new TankPart(
                        tank.id(),
                        opened.tank().name(),
                        opened.plan().stance().word(),
                        opened.plan().startOn(),
                        glass.volume().grossLitres(),
                        glass.netLitres(),
                        glass.runCm(),
                        steps.mark(tank),
                        fish(opened.plan().residents()),
                        fish(opened.plan().wishes())));
    }

    private static List<FishPart> fish(List<Party> parties) {
        return parties.stream()
                .map(p -> new FishPart(
                        p.id(),
                        Long.parseLong(p.id().substring(1)),
                        p.species().scientificName(),
                        p.count(),
                        p.lengthCm()))
                .toList();
    }

    @Operation(operationId = "getPlan", summary = "The plan file of a tank")
    @GetMapping("/{id}/plan")
    ResponseEntity<String> plan(OwnedTank tank) {
        String tag = versions.tag(tank.id());
        return ResponseEntity.ok()
                .header(HttpHeaders.ETAG, tag)
                .body(files.write(plans.file(tank).unnumbered()));
    }

    @Operation(operationId = "listVerdicts", summary = "What Pelluna says of each species for a tank, today")
    @GetMapping("/{id}/verdicts")
    Listed<VerdictPart> verdicts(
            OwnedTank tank,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = Limit.USUAL) int limit) {
        int most = Limit.of(limit);
        Shop shop = new Shop(plans.open(tank).plan(), plans.today());
        return Listed.of(
                SpeciesAsked.of(catalogue, q, after, most + 1).stream()
                        .map(s -> verdict(shop.of(s)))
                        .toList(),
                most,
                VerdictPart::species);
    }

    private static VerdictPart verdict(ShopAnswer a) {
        Words say = Words.forAnybody();
        return new VerdictPart(
                a.species().scientificName(),
                a.says().word(),
                say.of(a.main()),
                a.mustBe().stream().map(say::of).toList(),
                a.day().map(d -> d.buy()).orElse(null));
    }
}
