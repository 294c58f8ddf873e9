package pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.introduction.Look;
import pelluna.words.Words;

/**
 * What was seen in quarantine on some days, for those who look back on them. Callers have looked the tank up with its
 * keeper.
 */
@Component
public class QuarantineDays {
    private final CurrentKeeper keeper;
    private final StayRows stays;
    private final CheckRows checks;
    private final KeeperCatalogue catalogue;

    QuarantineDays(StayRows stays, CheckRows checks, KeeperCatalogue catalogue, CurrentKeeper keeper) {
        this.keeper = keeper;
        this.stays = stays;
        this.checks = checks;
        this.catalogue = catalogue;
    }

    /**
     * @param begins  whether a stay began; otherwise something was seen of the fish in it
     * @param species scientific name of whoever is in it
     */
    public record Told(LocalDate on, boolean begins, String species, String says) {}

    /**
     * Stays that began, and looks that found something; both days included. A look at a fish that eats and is well is
     * left out.
     */
    @Transactional(readOnly = true)
    public List<Told> told(OwnedTank tank, LocalDate from, LocalDate until) {
        Catalogue known = catalogue.get();
        Map<Long, StayEntity> all =
                stays.findByTankIdOrderById(tank.id()).stream().collect(Collectors.toMap(StayEntity::id, s -> s));
        List<Told> told = new ArrayList<>();
        all.values()
                .forEach(s -> told.add(new Told(
                        s.beganOn(),
                        true,
                        s.species(),
                        keeper.words()
                                .text(
                                        "page.quarantine.wentIntoQuarantine",
                                        name(known, s, keeper.words()),
                                        keeper.words().of(s.school())))));
        for (CheckEntity c : checks.findByStayIdInOrderByLookedOnDescIdDesc(all.keySet())) {
            String seen = seen(c.look(), c.note(), keeper.words());
            if (!seen.isEmpty()) {
                told.add(new Told(
                        c.look().on(),
                        false,
                        all.get(c.stayId()).species(),
                        keeper.words()
                                .text(
                                        "page.quarantine.inQuarantine",
                                        name(known, all.get(c.stayId()), keeper.words()),
                                        seen)));
            }
        }
        return told.stream()
                .filter(t -> !t.on().isBefore(from) && !t.on().isAfter(until))
                .toList();
    }

    private static String name(Catalogue known, StayEntity s, Words say) {
        return s.called(known.find(s.species()), say);
    }

    private static String seen(Look look, String note, Words say) {
        List<String> words = new ArrayList<>();
        if (look.spots()) {
            words.add(say.text("page.quarantine.hasSpots"));
        }
        if (look.fastBreath()) {
            words.add(say.text("page.quarantine.breathesFast"));
        }
        if (look.tornFins()) {
            words.add(say.text("page.quarantine.hasTornFins"));
        }
        if (!look.eats()) {
            words.add(say.text("page.quarantine.doesNotEat"));
        }
        return words.isEmpty() ? "" : say.list(words) + (note.isEmpty() ? "" : " · " + note);
    }
}
