package pelluna.app.species;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Variety;
import pelluna.core.units.Named;

/** A drawn fish as a picture of its own, so that a page of four hundred fetches only those in sight. */
@Controller
class FishPictures {
    private static final int CLOSE = 300;
    private static final int SMALL = 99;
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

    private final KeeperCatalogue catalogue;

    FishPictures(KeeperCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    @GetMapping("/fish/{path}.svg")
    ResponseEntity<String> picture(
            @PathVariable String path,
            @RequestParam(defaultValue = "false") boolean young,
            @RequestParam(defaultValue = "") String as,
            @RequestParam(defaultValue = "false") boolean close) {
        Species s = catalogue.toDraw(Paths.name(path)).orElseThrow(NoSuchTankException::new);
        Look grown = Named.find(Variety.class, as)
                .map(s.appearance().varieties()::get)
                .orElse(s.look());
        Look look = young ? s.appearance().young().map(Species.Young::look).orElse(grown) : grown;
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(FishDrawing.file(look, close ? CLOSE : SMALL));
    }
}
