package kindthimble.app.http;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.app.exchange.DesignJson;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.move.Move;
import kindthimble.core.placing.Where;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Completes the OpenAPI description where records say more than schemas do: every component of a record is always sent, boxed
 * numbers and components marked nullable may be null, and sealed families go by their catalogue.
 */
@Configuration(proxyBeanMethods = false)
@ConditionalOnProperty("springdoc.api-docs.enabled")
@SuppressWarnings({"rawtypes", "unchecked"}) // the library's own signatures are raw
class ApiDescription {

    private static final String SCHEMAS = "#/components/schemas/";

    static {
        ModelResolver.enumsAsRef = true;
    }

    ApiDescription(ObjectMapperProvider describedWith) {
        DesignJson.SUMS.forEach(describedWith.jsonMapper()::addMixIn);
    }

    @Bean
    PropertyCustomizer mayBeNull() {
        return (property, type) -> {
            boolean boxed = type.getType() instanceof Class<?> c && (c == Double.class || c == Integer.class)
                    || type.getType() instanceof com.fasterxml.jackson.databind.JavaType j
                            && (j.getRawClass() == Double.class || j.getRawClass() == Integer.class);
            boolean marked = type.getCtxAnnotations() != null
                    && List.of(type.getCtxAnnotations()).stream()
                            .anyMatch(a -> a.annotationType().getSimpleName().equals("Nullable"));
            if (boxed || marked) {
                property.addExtension("x-may-be-null", true);
            }
            return property;
        };
    }

    @Bean
    OpenApiCustomizer complete() {
        return api -> {
            api.setInfo(new Info().title("Kind Thimble").version("1"));
            api.setServers(null);
            Map<String, Schema> schemas = new TreeMap<>(api.getComponents().getSchemas());
            Map<String, Schema> kinds = new TreeMap<>();
            kinds.put("Move", family(Move.class, "move", kinds));
            kinds.put("CutterShape", family(CutterShape.class, "kind", kinds));
            kinds.put("Where", where());
            kinds.put("Place", place());
            Catalogue.recordsOf(Move.class).forEach(move -> schemas.remove(move.getSimpleName()));
            Catalogue.recordsOf(CutterShape.class).forEach(shape -> schemas.remove(shape.getSimpleName()));
            // What stands in a place may be anything: the place says what fits.
            schemas.put("JsonNode", new Schema<>());
            Map<String, Schema> ofDesign = schemas.get("Design").getProperties();
            ofDesign.get("moves").setItems(new Schema<>().$ref(SCHEMAS + "Move"));
            Map<String, Schema> ofCaution = schemas.get("Caution").getProperties();
            ofCaution.get("moves").setItems(new Schema<>().$ref(SCHEMAS + "Move"));
            Map<String, Schema> ofJoined = schemas.get("Joined").getProperties();
            ofJoined.put("shape", new Schema<>().$ref(SCHEMAS + "CutterShape"));
            Map<String, Schema> ofCutter = schemas.get("Cutter").getProperties();
            ofCutter.put("shape", new Schema<>().$ref(SCHEMAS + "CutterShape"));
            // A design may leave its filling open, a bowl be tinted on its own; core's records carry no annotation
            // for that.
            ofDesign.get("filling").addExtension("x-may-be-null", true);
            Map<String, Schema> ofPress = schemas.get("BenchEvent").getProperties();
            ofPress.get("against").addExtension("x-may-be-null", true);
            Map<String, Schema> ofPlan = schemas.get("Against").getProperties();
            ofPlan.get("recipe").addExtension("x-may-be-null", true);
            ofPlan.get("bag").addExtension("x-may-be-null", true);
            ofPlan.get("school").addExtension("x-may-be-null", true);
            ofDesign.get("withoutThoughts").addExtension("x-may-be-null", true);
            Map<String, Schema> ofBowl = schemas.get("Bowl").getProperties();
            ofBowl.get("letDown").addExtension("x-may-be-null", true);
            schemas.values().forEach(ApiDescription::allSent);
            schemas.get("Cutter").setRequired(List.of("shape", "across", "sizeMm"));
            schemas.get("Placed").setRequired(List.of("path"));
            schemas.putAll(kinds);
            api.getComponents().setSchemas(schemas);
        };
    }

    /** A sealed family: one of its kinds, told apart by their word; puts the schema of each kind beside the others. */
    private static Schema<?> family(Class<?> family, String by, Map<String, Schema> schemas) {
        Discriminator words = new Discriminator().propertyName(by);
        List<Schema> kinds = new ArrayList<>();
        Catalogue.recordsOf(family).forEach(record -> {
            String name = family.getSimpleName() + record.getSimpleName();
            schemas.put(name, kind(Catalogue.word(record), by, Catalogue.parametersOf(record)));
            kinds.add(new Schema<>().$ref(SCHEMAS + name));
            words.mapping(Catalogue.word(record), SCHEMAS + name);
        });
        return new Schema<>().oneOf(kinds).discriminator(words);
    }

    /** Where marks are: what the catalogue says of it, and its places. */
    private static Schema<?> where() {
        ObjectSchema where = parameters(new ObjectSchema(), new ArrayList<>(), Catalogue.parametersOf(Where.class));
        where.addProperty("places", new ArraySchema().items(new Schema<>().$ref(SCHEMAS + "Place")));
        return where;
    }

    private static Schema<?> place() {
        ObjectSchema place = new ObjectSchema();
        place.addProperty("x", new NumberSchema());
        place.addProperty("y", new NumberSchema());
        place.addProperty("turn", new NumberSchema());
        place.setRequired(List.of("x", "y"));
        place.setAdditionalProperties(false);
        return place;
    }

    private static Schema<?> kind(String word, String by, List<Kind.Parameter> parameters) {
        StringSchema only = new StringSchema();
        only.addEnumItem(word);
        ObjectSchema kind = new ObjectSchema();
        kind.addProperty(by, only);
        return parameters(kind, new ArrayList<>(List.of(by)), parameters);
    }

    private static ObjectSchema parameters(ObjectSchema kind, List<String> required, List<Kind.Parameter> parameters) {
        for (Kind.Parameter parameter : parameters) {
            kind.addProperty(
                    parameter.name(),
                    switch (parameter.type()) {
                        case NUMBER -> new NumberSchema();
                        case WHOLE_NUMBER -> new IntegerSchema();
                        case WORDS -> words(parameter.options());
                        case TEXT, PALETTE, TIPS, SECTIONS -> new StringSchema();
                        case MOVES -> new ArraySchema().items(new Schema<>().$ref(SCHEMAS + "Move"));
                        case WHERE -> new Schema<>().$ref(SCHEMAS + "Where");
                    });
            if (parameter.required()) {
                required.add(parameter.name());
            }
        }
        if (!required.isEmpty()) {
            kind.setRequired(required);
        }
        kind.setAdditionalProperties(false);
        return kind;
    }

    private static StringSchema words(List<String> options) {
        StringSchema schema = new StringSchema();
        options.forEach(schema::addEnumItem);
        return schema;
    }

    private static void allSent(Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        schema.setRequired(new ArrayList<>(properties.keySet()));
        properties.replaceAll((name, property) -> {
            boolean nullable =
                    property.getExtensions() != null && property.getExtensions().remove("x-may-be-null") != null;
            if (property.getExtensions() != null && property.getExtensions().isEmpty()) {
                property.setExtensions(null);
            }
            if (!nullable) {
                return property;
            }
            Schema none = new Schema<>();
            none.setTypes(Set.of("null"));
            return new Schema<>().anyOf(List.of(property, none));
        });
    }
}
