package pelluna.app.reefscape;

import java.time.LocalDate;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.scenery.Sceneries;

/** The Reefscape as a file; the browser makes its PNG from the same drawing. */
@Controller
class PictureController {
    /** Letters and their style lie within the file; nothing else may be loaded. */
    private static final String POLICY = "default-src 'none'; style-src 'unsafe-inline'; font-src data:; sandbox";

    private final ReefscapeViews reefscapes;
    private final CurrentKeeper keeper;
    private final Sceneries sceneries;

    PictureController(ReefscapeViews reefscapes, CurrentKeeper keeper, Sceneries sceneries) {
        this.reefscapes = reefscapes;
        this.keeper = keeper;
        this.sceneries = sceneries;
    }

    @GetMapping("/tanks/{id}/reefscape/picture.svg")
    ResponseEntity<String> picture(
            OwnedTank tank,
            @RequestParam(required = false) LocalDate on,
            @RequestParam(defaultValue = "false") boolean arrows,
            @RequestParam(defaultValue = "false") boolean grounds,
            @RequestParam(defaultValue = "false") boolean download) {
        ReefscapeViews.View view = reefscapes.open(tank);
        LocalDate day = view.day(on);
        String file = view.opened()
                        .tank()
                        .name()
                        .toLowerCase(java.util.Locale.ROOT)
                        .replaceAll("[^a-z0-9]+", "-")
                        .replaceAll("^-|-$", "")
                + "-" + day + ".svg";
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("image/svg+xml;charset=UTF-8"))
                .header("Content-Security-Policy", POLICY)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        (download ? ContentDisposition.attachment() : ContentDisposition.inline())
                                .filename(file)
                                .build()
                                .toString())
                .body(new PictureDrawing(
                                view,
                                sceneries.of(view.opened().plan().tank()),
                                new PictureDrawing.Wanted(
                                        view.opened().tank().name(),
                                        day,
                                        keeper.get().arrowsFrom(),
                                        arrows,
                                        grounds))
                        .draw());
    }
}
