package pelluna.app.reefscape;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.scenery.Sceneries;
import pelluna.app.sharing.Shared;
import pelluna.app.sharing.SharedPart;

/** The Reefscape for somebody else to look at, as a picture: it has a style of its own. */
@Component
class SharedReefscape implements SharedPart {
    private final ReefscapeViews reefscapes;
    private final CurrentKeeper keeper;
    private final Sceneries sceneries;

    SharedReefscape(ReefscapeViews reefscapes, CurrentKeeper keeper, Sceneries sceneries) {
        this.reefscapes = reefscapes;
        this.keeper = keeper;
        this.sceneries = sceneries;
    }

    @Override
    public Shared what() {
        return Shared.REEFSCAPE;
    }

    @Override
    public void show(OwnedTank tank, long which, Model page) {
        ReefscapeViews.View view = reefscapes.open(tank);
        String title = view.opened().say().title(Shared.REEFSCAPE);
        String svg = new PictureDrawing(
                        view,
                        sceneries.of(view.opened().plan().tank()),
                        new PictureDrawing.Wanted(
                                title, view.day(null), keeper.get().arrowsFrom(), false, false))
                .draw();
        page.addAttribute(
                "picture",
                "data:image/svg+xml;base64,"
                        + Base64.getEncoder().encodeToString(svg.getBytes(StandardCharsets.UTF_8)));
    }
}
