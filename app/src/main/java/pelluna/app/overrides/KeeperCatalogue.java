package pelluna.app.overrides;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import pelluna.app.account.Ownership;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.catalogue.Species;
import pelluna.core.names.FishNames;
import pelluna.core.search.Search;

/**
 * The catalogue as the owner of this request's tank sees it: the one that ships, with the owner's own word over it.
 * Every rule reads this one.
 */
@Component
public class KeeperCatalogue {
    private static final Logger LOG = LoggerFactory.getLogger(KeeperCatalogue.class);

    private final Catalogue shipped;
    private final Ownership ownership;
    private final FactOverrideRows facts;
    private final OwnSpeciesRows species;
    private final Map<Long, Laid> laid = new ConcurrentHashMap<>();

    private final FutureTask<Search> shippedSearch;

    /** The catalogue last made for a keeper, the words that it was made of, and its index. */
    private record Laid(FactOverrides word, Catalogue catalogue, Search search) {}

    KeeperCatalogue(Catalogue shipped, Ownership ownership, FactOverrideRows facts, OwnSpeciesRows species) {
        this.shipped = shipped;
        this.ownership = ownership;
        this.facts = facts;
        this.species = species;
        this.shippedSearch = new FutureTask<>(() -> new Search(shipped));
        new Thread(shippedSearch, "names").start();
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
        return laid().map(Laid::search).orElseGet(this::shippedSearch);
    }

    /** The resolver of names over the same catalogue. */
    @Transactional(readOnly = true)
    public FishNames names() {
        return search().names();
    }

    /** What this catalogue says otherwise than the one that ships. */
    @Transactional(readOnly = true)
    public FactOverrides ownWord() {
        return asked(whose());
    }

    /** As whoever asks sees it, else as the owner of a tank does that they may enter: enough to draw it by. */
    @Transactional(readOnly = true)
    public Optional<Species> toDraw(String scientificName) {
        return get().find(scientificName)
                .or(() -> ownership.entered().stream()
                        .map(e -> e.tank().owner())
                        .distinct()
                        .flatMap(owner -> laid(owner).stream())
                        .flatMap(l -> l.catalogue().find(scientificName).stream())
                        .findFirst());
    }

    /** Made beside the other work of a start: it is asked for by the first who searches. */
    private Search shippedSearch() {
        try {
            return shippedSearch.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while names were read", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException("The names of the catalogue do not stand", e);
        }
    }

    private Optional<Laid> laid() {
        return laid(whose());
    }

    private Optional<Laid> laid(Long id) {
        FactOverrides word = asked(id);
        return word.isEmpty()
                ? Optional.empty()
                : Optional.of(laid.compute(
                        id, (k, last) -> last != null && last.word().equals(word) ? last : laid(word)));
    }

    private Laid laid(FactOverrides word) {
        Catalogue over = lay(word);
        return new Laid(word, over, new Search(over));
    }

    /** A page that is only read asks for the words once, however often it needs the catalogue. */
    private FactOverrides asked(Long id) {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request)
                || !"GET".equals(request.getRequest().getMethod())) {
            return word(id);
        }
        String key = KeeperCatalogue.class.getName() + id;
        if (request.getAttribute(key, RequestAttributes.SCOPE_REQUEST) instanceof FactOverrides known) {
            return known;
        }
        FactOverrides word = word(id);
        request.setAttribute(key, word, RequestAttributes.SCOPE_REQUEST);
        return word;
    }

    /** Whose facts hold: in somebody else's tank the owner's, for they are how that tank is judged. */
    Long whose() {
        return ownership.whoseFacts();
    }

    FactOverrides word(Long id) {
        return new FactOverrides(
                species.findByKeeperIdOrderById(id).stream()
                        .map(OwnSpeciesEntity::word)
                        .toList(),
                facts.findByKeeperIdOrderById(id).stream()
                        .map(FactOverrideEntity::word)
                        .toList());
    }

    /** A word that an older Pelluna took and this one cannot read is left out, never the whole page. */
    private Catalogue lay(FactOverrides word) {
        try {
            return shipped.with(word);
        } catch (CatalogueException whole) {
            LOG.warn("Some of a keeper's own words cannot be read and are left out: {}", whole.problems());
            List<FactOverrides.OwnSpecies> species = new ArrayList<>();
            List<FactOverrides.FactOverride> good = new ArrayList<>();
            word.species().forEach(s -> {
                if (readable(new FactOverrides(List.of(s), List.of()))) {
                    species.add(s);
                }
            });
            for (FactOverrides.FactOverride fact : word.facts()) {
                List<FactOverrides.FactOverride> more = new ArrayList<>(good);
                more.add(fact);
                if (readable(new FactOverrides(species, more))) {
                    good.add(fact);
                }
            }
            return shipped.with(new FactOverrides(species, good));
        }
    }

    private boolean readable(FactOverrides word) {
        try {
            shipped.with(word);
            return true;
        } catch (CatalogueException e) {
            return false;
        }
    }
}
