package pelluna.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.datapackage.Records;
import tools.jackson.databind.JsonNode;

/** Everything that is kept, row by row, by the names of the data package. */
@RestController
@RequestMapping(value = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class RecordApi {
    private final Records records;

    RecordApi(Records records) {
        this.records = records;
    }

    @Operation(operationId = "listTankRecords", summary = "Records of a tank, of one kind")
    @GetMapping("/tanks/{id}/records/{kind}")
    Listed<JsonNode> ofATank(
            OwnedTank tank,
            @PathVariable String kind,
            @RequestParam(defaultValue = "0") long after,
            @RequestParam(defaultValue = Limit.USUAL) int limit) {
        int most = Limit.of(limit);
        return listed(records.of(tank, kind, after, most + 1), most);
    }

    @Operation(operationId = "listOwnRecords", summary = "Records of your own, of one kind")
    @GetMapping("/records/{kind}")
    Listed<JsonNode> own(
            @PathVariable String kind,
            @RequestParam(defaultValue = "0") long after,
            @RequestParam(defaultValue = Limit.USUAL) int limit) {
        int most = Limit.of(limit);
        return listed(records.own(kind, after, most + 1), most);
    }

    private static Listed<JsonNode> listed(Optional<List<JsonNode>> found, int most) {
        return Listed.of(
                found.orElseThrow(NoSuchTankException::new),
                most,
                row -> row.path("id").asString());
    }
}
