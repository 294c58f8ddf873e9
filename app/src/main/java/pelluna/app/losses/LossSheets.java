package pelluna.app.losses;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.planning.TankPlans;
import pelluna.words.Words;

/** The ledger as rows of a sheet. */
@Component
public class LossSheets {
    public static final List<String> HEAD = List.of(
            "on",
            "fish",
            "species",
            "name",
            "count",
            "how",
            "cause",
            "sure",
            "by",
            "seen",
            "cost",
            "with me since",
            "came on",
            "shop",
            "captive-bred",
            "quarantine");

    private final DepartureRows rows;
    private final Individuals fish;
    private final Crews crew;
    private final TankPlans plans;

    LossSheets(DepartureRows rows, Individuals fish, Crews crew, TankPlans plans) {
        this.plans = plans;
        this.rows = rows;
        this.fish = fish;
        this.crew = crew;
    }

    /** Newest first; what was put right or taken back is left out. */
    @Transactional(readOnly = true)
    public List<List<Object>> rows(OwnedTank tank) {
        Map<Long, Fish> known = fish.all(tank).stream().collect(Collectors.toMap(Fish::id, f -> f));
        Map<Long, LivestockEntity> origin =
                fish.rows(List.of(tank)).stream().collect(Collectors.toMap(LivestockEntity::id, f -> f));
        Map<Long, Crews.Named> crews = crew.named(List.of(tank));
        Words say = plans.words();
        List<List<Object>> all = new ArrayList<>();
        for (DepartureEntity d : rows.standing(List.of(tank.id()))) {
            Fish f = known.get(d.fishId());
            Crews.Named c = crews.get(d.crewId());
            LivestockEntity from = f == null ? null : origin.get(f.partOf() == null ? f.id() : f.partOf());
            List<Object> row = new ArrayList<>(Arrays.asList(
                    d.onDay(),
                    d.fishId(),
                    f == null ? "" : f.species().scientificName(),
                    f != null ? f.name() : c == null ? "" : c.name(),
                    d.count(),
                    d.how().word(),
                    d.lost() ? d.cause().word() : "",
                    d.lost() ? d.sure().word() : "",
                    d.byFish() == null || !known.containsKey(d.byFish())
                            ? ""
                            : known.get(d.byFish()).label(say),
                    d.seen(),
                    d.cost()));
            row.addAll(
                    from == null
                            ? Arrays.asList(null, null, "", null, "")
                            : Arrays.asList(
                                    from.provenance().acquiredOn(),
                                    from.cameOn(),
                                    from.provenance().shop(),
                                    from.provenance().captiveBred(),
                                    from.provenance().school()));
            all.add(row);
        }
        return all;
    }
}
