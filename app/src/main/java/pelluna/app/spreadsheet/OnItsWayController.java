package pelluna.app.spreadsheet;

import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import pelluna.app.account.NoSuchTankException;

/** How far a sheet is, and a way to end it. Under no tank: the tank is held by what is going on. */
@Controller
class OnItsWayController {
    private final OnItsWay ways;

    OnItsWayController(OnItsWay ways) {
        this.ways = ways;
    }

    @GetMapping("/sheets/{name}")
    ResponseEntity<OnItsWay.Seen> seen(@PathVariable String name) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(ways.seen(name).orElseThrow(NoSuchTankException::new));
    }

    @PostMapping("/sheets/{name}/stop")
    ResponseEntity<Void> stop(@PathVariable String name) {
        ways.stop(name);
        return ResponseEntity.noContent().build();
    }
}
