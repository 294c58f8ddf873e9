package pelluna.app.scenery;

import java.util.List;
import pelluna.core.scenery.Standing;

/** Paints what lives on rock and sand, each at its foot. */
final class Life {
    private final Brush brush;
    private final Corals corals;
    private final SoftCorals soft;
    private final Rooted rooted;
    private final Walkers walkers;

    Life(Brush brush) {
        this.brush = brush;
        this.corals = new Corals(brush);
        this.soft = new SoftCorals(brush);
        this.rooted = new Rooted(brush);
        this.walkers = new Walkers(brush);
    }

    /** @param yCm where the sand is, cm below the brush's zero */
    void paint(List<Standing> there, double yCm) {
        if (!there.isEmpty()) {
            brush.svg().open("g", "class", "alive").open("g", "filter", "url(#body)");
            there.forEach(s -> paint(s, yCm - s.heightCm()));
            brush.svg().close("g").close("g");
        }
    }

    private void paint(Standing s, double y) {
        switch (s.form()) {
            case BRANCHES -> corals.branches(s, y);
            case TABLE -> corals.table(s, y);
            case TORCH -> corals.torch(s, y);
            case BRAIN -> corals.brain(s, y);
            case LEATHER -> soft.leather(s, y);
            case FINGERS -> soft.fingers(s, y);
            case DISCS -> soft.discs(s, y);
            case ANEMONE -> soft.anemone(s, y);
            case CLAM -> rooted.clam(s, y);
            case DUSTER -> rooted.duster(s, y);
            case SPONGE -> rooted.sponge(s, y);
            case SHRIMP -> walkers.shrimp(s, y);
            case CRAB -> walkers.crab(s, y);
            case SNAIL -> walkers.snail(s, y);
            case URCHIN -> walkers.urchin(s, y);
            case STAR -> walkers.star(s, y);
            case CUCUMBER -> walkers.cucumber(s, y);
        }
    }
}
