package pelluna.app.api;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.parameters.PathParameter;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.servers.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import pelluna.app.account.OwnedTank;
import tools.jackson.databind.JsonNode;

/** What programs can ask, as an OpenAPI document made from what there is. */
@Configuration
class ApiDocument {
    private static final String TOKEN = "token";
    private static final String JSON = "application/json";
    private static final String PROBLEM = "application/problem+json";
    private static final Pattern PART = Pattern.compile("\\{(\\w+)(:[^}]*(?:}[^}]*)?)?}");

    static {
        SpringDocUtils.getConfig()
                .addRequestWrapperToIgnore(OwnedTank.class)
                .replaceWithClass(JsonNode.class, Object.class);
    }

    @Bean
    OpenAPI programs() {
        return new OpenAPI()
                .info(new Info()
                        .title("Pelluna")
                        .version("v1")
                        .description("Plan, log and losses of tanks. Everything is metric and in English."))
                .servers(List.of(new Server().url("/")))
                .addSecurityItem(new SecurityRequirement().addList(TOKEN))
                .components(new Components()
                        .addSecuritySchemes(
                                TOKEN,
                                new SecurityScheme()
                                        .type(SecurityScheme.Type.HTTP)
                                        .scheme("bearer")
                                        .description("A token that the keeper makes under 'Your programs'."))
                        .addSchemas("Saved", saved())
                        .addSchemas("Problem", problem())
                        .addResponses("Saved", answer("Saved", JSON, "It is saved."))
                        .addResponses("Refused", answer("Problem", PROBLEM, "It is refused, and why."))
                        .addParameters("Key", key())
                        .addParameters("IfMatch", ifMatch())
                        .addParameters("Tank", tank()));
    }

    private static Schema<?> saved() {
        return new Schema<>()
                .type("object")
                .addProperty("saved", new Schema<>().type("boolean"))
                .addProperty("page", new StringSchema().description("Where a reader would be led"))
                .addProperty("secret", new StringSchema().description("Of a link that was made; told this once"))
                .required(List.of("saved"));
    }

    private static Parameter key() {
        return new HeaderParameter()
                .name(FormOfJson.KEY)
                .description("Of this write: sent again with the same key, it is not done twice")
                .schema(new StringSchema().maxLength(60));
    }

    private static Parameter ifMatch() {
        return new HeaderParameter()
                .name("If-Match")
                .description("The ETag of the tank as it was read: refused with 412 if it was changed since")
                .schema(new StringSchema());
    }

    private static Parameter tank() {
        return new PathParameter()
                .name("id")
                .description("The number of the tank")
                .schema(new IntegerSchema().format("int64"));
    }

    /** RFC 9457. */
    private static Schema<?> problem() {
        Schema<?> one = new Schema<>()
                .type("object")
                .addProperty("field", new StringSchema())
                .addProperty("detail", new StringSchema());
        return new Schema<>()
                .type("object")
                .addProperty("type", new StringSchema())
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema())
                .addProperty("code", new StringSchema().description("Of the refusal; stays the same in any words"))
                .addProperty("field", new StringSchema().description("That it is about"))
                .addProperty("problems", new Schema<>().type("array").items(one));
    }

    @Bean
    OpenApiCustomizer whatThereIs(ObjectProvider<RequestMappingHandlerMapping> mappings, RecordShapes records) {
        return document -> {
            records.into(document);
            List.of("/tanks/{id}/plan", "/tanks/{id}/assessment", "/tanks/{id}/odds")
                    .forEach(path -> asInItsFile(
                            document.getPaths().get(Writable.API + path).getGet()));
            List.of("/assessments", "/odds").forEach(path -> {
                Operation asks = document.getPaths().get(Writable.API + path).getPost();
                asInItsFile(asks);
                asks.requestBody(new RequestBody().required(true).content(file()));
            });
            mappings.stream()
                    .flatMap(m -> m.getHandlerMethods().entrySet().stream())
                    .filter(e -> e.getKey().getMethodsCondition().getMethods().contains(RequestMethod.POST))
                    .forEach(e -> e.getKey().getPatternValues().stream()
                            .filter(Writable::is)
                            .forEach(path -> write(document, path, e.getValue())));
            Map<String, PathItem> sorted = new TreeMap<>(document.getPaths());
            document.getPaths().clear();
            sorted.forEach(document.getPaths()::addPathItem);
            sorted.forEach((path, item) -> item.readOperations().forEach(o -> common(path, o)));
        };
    }

    /** docs/plan-file.md has what is in it. */
    private static void asInItsFile(Operation operation) {
        operation.tags(List.of("tanks"));
        operation.getResponses().get("200").setContent(file());
    }

    private static Content file() {
        return new Content().addMediaType(JSON, new MediaType().schema(new ObjectSchema().additionalProperties(true)));
    }

    private static void write(OpenAPI document, String pattern, HandlerMethod handler) {
        String path = Writable.API + PART.matcher(pattern).replaceAll(m -> "{" + m.group(1) + "}");
        WrittenFields fields = new WrittenFields(handler);
        Content content = new Content();
        String body = name(path).substring("post".length());
        if (!fields.needsFiles()) {
            document.getComponents().addSchemas(body, fields.body());
            content.addMediaType(JSON, new MediaType().schema(new Schema<>().$ref(body)));
        }
        if (fields.withFiles()) {
            document.getComponents().addSchemas(body + "Form", fields.form());
            content.addMediaType("multipart/form-data", new MediaType().schema(new Schema<>().$ref(body + "Form")));
        }
        Operation operation = new Operation()
                .operationId(name(path))
                .summary(summary(pattern))
                .addTagsItem("write")
                .addParametersItem(new Parameter().$ref("Key"))
                .requestBody(new RequestBody().content(content))
                .responses(new ApiResponses().addApiResponse("200", new ApiResponse().$ref("Saved")));
        if (path.contains("{id}")) {
            operation.addParametersItem(new Parameter().$ref("IfMatch"));
        }
        document.getPaths().computeIfAbsent(path, p -> new PathItem()).post(operation);
    }

    private static String summary(String pattern) {
        return "The page's form of the same address; scope '"
                + Writable.scope(pattern.replace("{id}", "1")).word() + "'";
    }

    /** As 'postTanksLogWater'. */
    private static String name(String path) {
        StringBuilder name = new StringBuilder("post");
        for (String part : path.substring(Writable.API.length() + 1).split("[/-]")) {
            if (!part.equals("{id}")) {
                String word = part.replaceAll("\\W", "");
                name.append(Character.toUpperCase(word.charAt(0))).append(word.substring(1));
            }
        }
        return name.toString();
    }

    /** What every operation has: the parts of its address, and how it is refused. */
    private static void common(String path, Operation operation) {
        List<Parameter> parameters = operation.getParameters() == null ? new ArrayList<>() : operation.getParameters();
        Matcher part = PART.matcher(path);
        while (part.find()) {
            String name = part.group(1);
            if (name.equals("id")) {
                parameters.add(new Parameter().$ref("Tank"));
            } else if (parameters.stream().noneMatch(p -> name.equals(p.getName()))) {
                parameters.add(new PathParameter().name(name).schema(new StringSchema()));
            }
        }
        operation.setParameters(parameters.isEmpty() ? null : parameters);
        operation.getResponses().addApiResponse("default", new ApiResponse().$ref("Refused"));
    }

    static ApiResponse answer(String schema, String type, String says) {
        return new ApiResponse()
                .description(says)
                .content(new Content()
                        .addMediaType(
                                type, new MediaType().schema(new Schema<>().$ref("#/components/schemas/" + schema))));
    }
}
