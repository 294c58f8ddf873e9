package pelluna.app.ownword;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.OwnWord;
import pelluna.core.names.FishNames;
import pelluna.core.search.Search;

/**
 * The catalogue as this request's keeper sees it: the one that ships, with the keeper's own word over it. Every rule
 * reads this one.
 */
@Component
public class KeeperCatalogue {
    private static final Logger LOG = LoggerFactory.getLogger(KeeperCatalogue.class);

    private final Catalogue shipped;
    private final CurrentKeeper keeper;
    private final OwnFacts facts;
    private final OwnSpeciesRows species;
    private final Map<Long, Laid> laid = new ConcurrentHashMap<>();

    private final FishNames shippedNames;
    private final Search shippedSearch;

    /** The catalogue last made for a keeper, the words that it was made of, and its index. */
    private record Laid(OwnWord word, Catalogue catalogue, FishNames names, Search search) {
        Laid(OwnWord word, Catalogue catalogue, FishNames names) {
            this(word, catalogue, names, new Search(catalogue, names));
        }
    }

    KeeperCatalogue(Catalogue shipped, CurrentKeeper keeper, OwnFacts facts, OwnSpeciesRows species) {
        this.shipped = shipped;
        this.keeper = keeper;
        this.facts = facts;
        this.species = species;
        this.shippedNames = new FishNames(shipped);
        this.shippedSearch = new Search(shipped, shippedNames);
    }

    /** Without anybody's own word. */
    public Catalogue shipped() {
        return shipped;
    }

    @Transactional(readOnly = true)
    public Catalogue get() {
        return laid().map(Laid::catalogue).orElse(shipped);
    }

    /** The search over the same catalogue. */
    @Transactional(readOnly = true)
    public Search search() {
        return laid().map(Laid::search).orElse(shippedSearch);
    }

    /** The resolver of names over the same catalogue. */
    @Transactional(readOnly = true)
    public FishNames names() {
        return laid().map(Laid::names).orElse(shippedNames);
    }

    private Optional<Laid> laid() {
        Long id = keeper.get().id();
        OwnWord word = asked(id);
        return word.isEmpty()
                ? Optional.empty()
                : Optional.of(laid.compute(
                        id, (k, last) -> last != null && last.word().equals(word) ? last : laid(word)));
    }

    private Laid laid(OwnWord word) {
        Catalogue over = lay(word);
        return new Laid(word, over, new FishNames(over));
    }

    /** A page that is only read asks for the words once, however often it needs the catalogue. */
    private OwnWord asked(Long id) {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request)
                || !"GET".equals(request.getRequest().getMethod())) {
            return word(id);
        }
        String key = KeeperCatalogue.class.getName() + id;
        if (request.getAttribute(key, RequestAttributes.SCOPE_REQUEST) instanceof OwnWord known) {
            return known;
        }
        OwnWord word = word(id);
        request.setAttribute(key, word, RequestAttributes.SCOPE_REQUEST);
        return word;
    }

    OwnWord word(Long id) {
        return new OwnWord(
                species.findByKeeperIdOrderById(id).stream()
                        .map(OwnSpeciesEntity::word)
                        .toList(),
                facts.findByKeeperIdOrderById(id).stream()
                        .map(OwnFactEntity::word)
                        .toList());
    }

    /** A word that an older Pelluna took and this one cannot read is left out, never the whole page. */
    private Catalogue lay(OwnWord word) {
        try {
            return shipped.with(word);
        } catch (CatalogueException whole) {
            LOG.warn("Some of a keeper's own words cannot be read and are left out: {}", whole.problems());
            List<OwnWord.OwnSpecies> species = new ArrayList<>();
            List<OwnWord.OwnFact> good = new ArrayList<>();
            word.species().forEach(s -> {
                if (readable(new OwnWord(List.of(s), List.of()))) {
                    species.add(s);
                }
            });
            for (OwnWord.OwnFact fact : word.facts()) {
                List<OwnWord.OwnFact> more = new ArrayList<>(good);
                more.add(fact);
                if (readable(new OwnWord(species, more))) {
                    good.add(fact);
                }
            }
            return shipped.with(new OwnWord(species, good));
        }
    }

    private boolean readable(OwnWord word) {
        try {
            shipped.with(word);
            return true;
        } catch (CatalogueException e) {
            return false;
        }
    }
}
