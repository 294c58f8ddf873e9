package pelluna.app.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.QueryParameter;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.math.BigDecimal;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import pelluna.app.datapackage.Records;

/** Each kind of record in the document, with its fields, in place of one address for all. */
@Component
class RecordShapes {
    private static final Pattern UNDERLINED = Pattern.compile("(?:^|_)(\\w)");

    private final Records records;

    RecordShapes(Records records) {
        this.records = records;
    }

    void into(OpenAPI document) {
        document.getPaths().remove(Writable.API + "/tanks/{id}/records/{kind}");
        document.getPaths().remove(Writable.API + "/records/{kind}");
        // what is listed as it stands in a file has a shape of its own there
        document.getComponents().getSchemas().remove("JsonNode");
        Schema<?> listed = document.getComponents().getSchemas().remove("ListedJsonNode");
        listed.getProperties().get("items").setItems(new ObjectSchema().additionalProperties(true));
        document.getComponents().addSchemas("SpeciesList", listed);
        document.getPaths()
                .get(Writable.API + "/species")
                .getGet()
                .getResponses()
                .addApiResponse("200", ApiDocument.answer("SpeciesList", "application/json", "Some of them"));
        records.shapes().forEach(shape -> add(document, shape));
    }

    private static void add(OpenAPI document, Records.Shape shape) {
        String name =
                UNDERLINED.matcher(shape.name()).replaceAll(m -> m.group(1).toUpperCase());
        document.getComponents().addSchemas(name + "Record", record(shape));
        document.getComponents()
                .addSchemas(
                        name + "Records",
                        new ObjectSchema()
                                .addProperty(
                                        "items",
                                        new Schema<>()
                                                .type("array")
                                                .items(new Schema<>().$ref("#/components/schemas/" + name + "Record")))
                                .addProperty("next", new StringSchema().nullable(true))
                                .required(List.of("items")));
        Operation list = new Operation()
                .operationId("list" + name + "Records")
                .summary("Records of the kind '" + shape.name() + "'")
                .addTagsItem("records")
                .addParametersItem(new QueryParameter()
                        .name("after")
                        .description("The number of the one before the first")
                        .schema(new IntegerSchema().format("int64")))
                .addParametersItem(new QueryParameter()
                        .name("limit")
                        .schema(new IntegerSchema().minimum(BigDecimal.ONE).maximum(BigDecimal.valueOf(Limit.MOST))))
                .responses(new ApiResponses()
                        .addApiResponse(
                                "200", ApiDocument.answer(name + "Records", "application/json", "Some of them")));
        String path = Writable.API + (shape.ofATank() ? "/tanks/{id}/records/" : "/records/") + shape.name();
        document.getPaths().addPathItem(path, new PathItem().get(list));
    }

    private static Schema<?> record(Records.Shape shape) {
        ObjectSchema record = new ObjectSchema();
        shape.columns().forEach(c -> {
            Schema<?> column = new Schema<>().type(c.type());
            if (!c.format().isEmpty()) {
                column.format(c.format());
            }
            if (c.type().equals("array")) {
                column.items(new StringSchema());
            }
            if (!c.always()) {
                column.nullable(true);
            }
            record.addProperty(c.name(), column);
        });
        return record;
    }
}
