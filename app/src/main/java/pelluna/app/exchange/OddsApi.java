package pelluna.app.exchange;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.ForkJoinPool;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.SolveTime;
import pelluna.app.planning.TankPlans;
import pelluna.core.odds.Player;
import pelluna.core.odds.Rates;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;

/**
 * The same odds as the command line, for programs: everything that is wished for goes in. A play that takes too long
 * ends early and says how many runs it has.
 */
@RestController
class OddsApi {
    private static final int MOST_RUNS = 2000;
    private static final String USUAL_RUNS = "500";
    private static final String USUAL_SEED = "1";

    private final TankPlans plans;
    private final PlanFiles files;
    private final SolveTime time;
    private final AtOnce atOnce;
    /** On one processor, so that pages have the others. */
    private final ForkJoinPool player = new ForkJoinPool(1);

    OddsApi(TankPlans plans, PlanFiles files, SolveTime time, AtOnce atOnce) {
        this.plans = plans;
        this.files = files;
        this.time = time;
        this.atOnce = atOnce;
    }

    @Operation(operationId = "getOdds", summary = "How a tank's plan usually goes, played so many times over two years")
    @GetMapping("/api/v1/tanks/{id}/odds")
    ResponseEntity<Object> odds(
            OwnedTank tank,
            @RequestParam(defaultValue = USUAL_RUNS) int runs,
            @RequestParam(defaultValue = USUAL_SEED) long seed) {
        return played(files.plan(plans.file(tank).unnumbered(), plans.today()), runs, seed);
    }

    @Operation(operationId = "playPlan", summary = "How the plan of a file usually goes")
    @PostMapping(
            value = "/api/v1/odds",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> play(
            @RequestBody byte[] body,
            @RequestParam(defaultValue = USUAL_RUNS) int runs,
            @RequestParam(defaultValue = USUAL_SEED) long seed) {
        try {
            PlanFile file = files.parse(body);
            PlanFiles.notTooMany(file);
            return played(files.plan(file, plans.today()), runs, seed);
        } catch (PlanProblemsException e) {
            return ExchangeController.problem(
                    HttpStatus.UNPROCESSABLE_CONTENT, new ExchangeRefusal.PlanRefused(), e.problems());
        }
    }

    @PreDestroy
    void end() {
        player.shutdownNow();
    }

    private ResponseEntity<Object> played(Plan plan, int runs, long seed) {
        if (runs < 1 || runs > MOST_RUNS) {
            throw new Refused("runs", new ExchangeRefusal.SoManyRuns(MOST_RUNS));
        }
        try {
            String odds = atOnce.run(() -> player.submit(
                            () -> files.write(OddsFile.of(Player.ofWishes(plan, Rates.USUAL, seed, time.begins())
                                    .play(runs, time.begins(), done -> {}))))
                    .join());
            return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(odds);
        } catch (AtOnce.BusyException e) {
            return ExchangeController.problem(
                    HttpStatus.SERVICE_UNAVAILABLE, new ExchangeRefusal.TooManyAtOnce(), List.of());
        }
    }
}
