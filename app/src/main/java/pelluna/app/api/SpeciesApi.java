package pelluna.app.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pelluna.app.catalogue.SpeciesTrees;
import pelluna.app.overrides.KeeperCatalogue;
import tools.jackson.databind.JsonNode;

/** The catalogue as whoever asks has it, with what they see otherwise. */
@RestController
@Tag(name = "species")
@RequestMapping(value = "/api/v1/species", produces = MediaType.APPLICATION_JSON_VALUE)
class SpeciesApi {
    private final KeeperCatalogue catalogue;

    SpeciesApi(KeeperCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    @Operation(operationId = "listSpecies", summary = "Species with all that is known of them")
    @GetMapping
    Listed<JsonNode> species(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = Limit.USUAL) int limit) {
        int most = Limit.of(limit);
        return Listed.of(
                SpeciesTrees.of(SpeciesAsked.of(catalogue, q, after, most + 1)),
                most,
                s -> s.path("scientificName").asString());
    }
}
