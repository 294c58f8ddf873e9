package pelluna.app.beginning;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.scenery.LifePicture;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;

/** Pictures of what else lives in a tank. */
@Controller
class LifePictures {
    private static final Duration KEPT = Duration.ofDays(1);

    @GetMapping("/life/{kind}.svg")
    ResponseEntity<String> picture(@PathVariable String kind) {
        ReefLife life = Named.find(ReefLife.class, kind).orElseThrow(NoSuchTankException::new);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("image/svg+xml;charset=UTF-8"))
                .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; sandbox")
                .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                .body(LifePicture.of(life));
    }
}
