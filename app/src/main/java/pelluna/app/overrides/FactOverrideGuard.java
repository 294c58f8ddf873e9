package pelluna.app.overrides;

import pelluna.core.catalogue.Catalogue;

/** Something that must go on working with a keeper's new word, such as the tanks that are there already. */
public interface FactOverrideGuard {
    /** @throws pelluna.core.catalogue.CatalogueException with what would break */
    void check(Catalogue candidate);
}
