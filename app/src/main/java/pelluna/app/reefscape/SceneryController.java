package pelluna.app.reefscape;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.scenery.Layer;
import pelluna.app.scenery.Sceneries;

/** The layers of a tank's scenery as files; their address changes with them, so a browser keeps what stays. */
@Controller
class SceneryController {
    /** Filters and the light of the reader lie within the file; nothing else may be loaded. */
    static final String POLICY = "default-src 'none'; style-src 'unsafe-inline'; sandbox";

    private static final Duration KEPT = Duration.ofDays(30);

    private final TankPlans plans;
    private final Sceneries sceneries;

    SceneryController(TankPlans plans, Sceneries sceneries) {
        this.plans = plans;
        this.sceneries = sceneries;
    }

    @GetMapping("/tanks/{id}/reefscape/scenery/{layer}.svg")
    ResponseEntity<String> layer(
            OwnedTank tank, @PathVariable String layer, @RequestParam(defaultValue = "") String v) {
        Layer found = sceneries.of(plans.open(tank).plan().tank()).stream()
                .filter(l -> l.name().equals(layer))
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("image/svg+xml;charset=UTF-8"))
                .header("Content-Security-Policy", POLICY)
                .cacheControl(
                        found.version().equals(v)
                                ? CacheControl.maxAge(KEPT).cachePrivate().immutable()
                                : CacheControl.noCache())
                .body(found.file());
    }
}
