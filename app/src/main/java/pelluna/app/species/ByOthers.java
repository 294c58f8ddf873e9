package pelluna.app.species;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OthersSaw;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.ElsewhereFile;
import pelluna.words.Words;

/** What other keepers saw of a species and those it was kept with: the pairs that most have had. */
@Component
class ByOthers {
    private static final int MOST = 6;

    private final OthersSaw others;
    private final KeeperCatalogue catalogue;

    ByOthers(OthersSaw others, KeeperCatalogue catalogue) {
        this.others = others;
        this.catalogue = catalogue;
    }

    List<String> of(Species s, Words say) {
        return others.known().of(Set.of(s.scientificName())).stream()
                .sorted(Comparator.comparing(ElsewhereFile::keepers).reversed())
                .limit(MOST)
                .map(p -> say.text(
                        "page.species.othersSaw",
                        say.title(name(p.aggressor(), say)),
                        name(p.target(), say),
                        p.keepers(),
                        p.hard(),
                        Math.round(p.expected())))
                .toList();
    }

    private String name(String scientific, Words say) {
        return catalogue.get().find(scientific).map(say::of).orElse(scientific);
    }
}
