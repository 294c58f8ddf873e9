package pelluna.app.catalogue;

import java.util.List;
import pelluna.core.catalogue.Species;
import tools.jackson.databind.JsonNode;

/** Species as the JSON file of the catalogue has them. */
public final class SpeciesTrees {
    private SpeciesTrees() {}

    public static List<JsonNode> of(List<Species> species) {
        CatalogueJson json = new CatalogueJson();
        return species.stream().<JsonNode>map(json::tree).toList();
    }
}
