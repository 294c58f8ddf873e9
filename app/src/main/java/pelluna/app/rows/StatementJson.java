package pelluna.app.rows;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.words.Words;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;

/**
 * Statements in rows: their codes and their arguments as JSON, never the sentence, so that they can be said in any
 * language and any units later. Species stand by their scientific names.
 */
public final class StatementJson {
    private static final TypeReference<List<Statement>> ALL = new TypeReference<>() {};

    private final JsonMapper mapper;
    private final Set<Class<?>> kinds = new LinkedHashSet<>();

    /**
     * @param species  finds a species by its scientific name
     * @param families sealed interfaces, or records, of what may stand here; what they are made of comes along
     */
    public StatementJson(Function<String, Optional<Species>> species, List<Class<? extends Statement>> families) {
        families.forEach(f -> gather(f, kinds));
        kinds.addAll(List.of(Sentences.class, AsWritten.class, NoLongerKnown.class));
        JsonMapper.Builder with = PlanJson.MAPPER
                .rebuild()
                .addMixIn(Statement.class, Coded.class)
                .addModule(new SimpleModule()
                        .addSerializer(Species.class, new SpeciesOut())
                        .addDeserializer(Species.class, new SpeciesIn(species)));
        kinds.stream()
                .filter(Class::isRecord)
                .forEach(k -> with.registerSubtypes(new NamedType(k, Words.code(k.asSubclass(Statement.class)))));
        mapper = with.build();
    }

    /** For statements that speak of no species. */
    public StatementJson(Class<? extends Statement> family) {
        this(name -> Optional.empty(), List.of(family));
    }

    /** A statement of no family that may stand here is kept in words, so that it is not lost. */
    public String write(List<? extends Statement> all) {
        return mapper.writerFor(ALL)
                .writeValueAsString(all.stream().map(this::known).toList());
    }

    private Statement known(Statement one) {
        if (one instanceof Sentences several) {
            return new Sentences(several.all().stream().map(this::known).toList());
        }
        return kinds.contains(one.getClass())
                ? one
                : new AsWritten(Words.forAnybody().of(one));
    }

    /**
     * What a row holds; what an earlier release wrote in its own words is {@link AsWritten}.
     *
     * @param row null or empty for nothing
     */
    public List<Statement> read(String row) {
        if (row == null || row.isEmpty()) {
            return List.of();
        }
        if (!row.startsWith("[{\"is\":")) {
            return List.of(new AsWritten(row));
        }
        try {
            return mapper.readValue(row, ALL);
        } catch (MismatchedInputException e) {
            return List.of(new NoLongerKnown());
        }
    }

    private static void gather(Type type, Set<Class<?>> kinds) {
        if (!(type instanceof Class<?> kind)) {
            parameters(type).forEach(p -> gather(p, kinds));
        } else if (Statement.class.isAssignableFrom(kind) && kinds.add(kind)) {
            if (kind.isSealed()) {
                Arrays.stream(kind.getPermittedSubclasses()).forEach(k -> gather(k, kinds));
            }
            if (kind.isRecord()) {
                Arrays.stream(kind.getRecordComponents())
                        .map(RecordComponent::getGenericType)
                        .forEach(t -> gather(t, kinds));
            }
        }
    }

    private static List<Type> parameters(Type type) {
        return type instanceof java.lang.reflect.ParameterizedType p ? List.of(p.getActualTypeArguments()) : List.of();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    private interface Coded {}

    private static final class SpeciesOut extends ValueSerializer<Species> {
        @Override
        public void serialize(Species value, JsonGenerator out, SerializationContext context) {
            out.writeString(value.scientificName());
        }
    }

    private static final class SpeciesIn extends ValueDeserializer<Species> {
        private final Function<String, Optional<Species>> species;

        private SpeciesIn(Function<String, Optional<Species>> species) {
            this.species = species;
        }

        @Override
        public Species deserialize(JsonParser in, DeserializationContext context) {
            String name = in.getString();
            return species.apply(name).orElseGet(() -> context.reportInputMismatch(Species.class, "%s", name));
        }
    }
}
