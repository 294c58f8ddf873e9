package pelluna.app.pooled;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import pelluna.app.account.Beside;
import pelluna.app.account.Ownership;
import pelluna.app.database.AskedFor;
import pelluna.app.prediction.SharedFigures;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.pooled.Experience;
import pelluna.core.pooled.LivesSeen;
import pelluna.core.pooled.PairSeen;
import pelluna.core.pooled.Survival;

/** Adds up what keepers share: each one's figures anew, then what comes of all of them. */
@Service
class Pool {
    private static final double YEAR = 365.2425;
    private static final Logger LOG = LoggerFactory.getLogger(Pool.class);

    private final PoolRows rows;
    private final PooledPairs pooled;
    private final SharedFigures figures;
    private final Ownership ownership;
    private final Catalogue catalogue;

    Pool(PoolRows rows, PooledPairs pooled, SharedFigures figures, Ownership ownership, Catalogue catalogue) {
        this.rows = rows;
        this.pooled = pooled;
        this.figures = figures;
        this.ownership = ownership;
        this.catalogue = catalogue;
    }

    /** Everybody's figures, and what comes of them. */
    void all() {
        AskedFor.all(rows::sharing).forEach(this::own);
        anew();
    }

    /** Those who share since the last turn, and what comes of all. */
    void changed() {
        AskedFor.all(rows::fresh).forEach(this::own);
        anew();
    }

    /** The figures of one keeper, in the keeper's own name; whose trouble is nobody else's. */
    private void own(PoolRows.Sharing who) {
        try {
            Beside.alone(who.keeper(), who.language(), () -> {
                rows.of(who.keeper(), figures.of(ownership.own()));
                return true;
            });
        } catch (RuntimeException e) {
            LOG.warn("The figures of keeper {} could not be added: {}", who.keeper(), e.toString());
        }
    }

    private void anew() {
        pooled.replace(() -> Experience.of(seen(rows.pairs())), () -> Survival.of(lives(rows.kinds())));
    }

    private static String source(Long source, String signedBy) {
        return source == null ? PairSeen.HERE : signedBy == null ? PairSeen.UNSIGNED : signedBy;
    }

    private List<LivesSeen> lives(List<PoolRows.Kind> kinds) {
        List<LivesSeen> all = new ArrayList<>();
        for (PoolRows.Kind k : kinds) {
            catalogue
                    .find(k.seen().species())
                    .ifPresent(species -> all.add(new LivesSeen(
                            source(k.source(), k.signedBy()),
                            String.valueOf(k.source()),
                            species,
                            k.seen().keepers(),
                            k.seen().fish(),
                            k.seen().days() / YEAR,
                            k.seen().lost())));
        }
        return all;
    }

    private List<PairSeen> seen(List<PoolRows.Pair> pairs) {
        List<PairSeen> all = new ArrayList<>();
        for (PoolRows.Pair p : pairs) {
            Optional<Species> aggressor = catalogue.find(p.seen().aggressor());
            Optional<Species> target = catalogue.find(p.seen().target());
            if (aggressor.isPresent() && target.isPresent()) {
                all.add(new PairSeen(
                        source(p.source(), p.signedBy()),
                        String.valueOf(p.source()),
                        aggressor.get(),
                        target.get(),
                        p.seen().keepers(),
                        p.seen().seenToFightHard(),
                        p.seen().expected() / p.seen().keepers()));
            }
        }
        return all;
    }
}
