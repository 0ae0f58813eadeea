package kindthimble.app.exchange;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import jakarta.annotation.Nullable;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.design.Design;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.habit.Measured;
import kindthimble.core.move.Move;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Shopping;
import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;

/**
 * Maps core's records to JSON from outside, by mix-ins, so that core knows no JSON and no second set of classes exists. Moves and
 * cutter forms go by the words of the catalogue.
 */
@Configuration(proxyBeanMethods = false)
public class DesignJson {

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "move")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    private interface MoveByWord {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    private interface ShapeByWord {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    private interface NoNulls {}

    @JsonIgnoreProperties(
            value = {"baseGrams", "bags"},
            allowGetters = true)
    private abstract static class PourSums {
        @JsonProperty
        abstract double baseGrams();

        @JsonProperty
        abstract int bags();
    }

    @JsonIgnoreProperties(
            value = {"dividedGrams"},
            allowGetters = true)
    private abstract static class BowlSums {
        @JsonProperty
        abstract double dividedGrams();
    }

    @JsonIgnoreProperties(
            value = {"finishedGrams"},
            allowGetters = true)
    private abstract static class PortionSums {
        @JsonProperty
        abstract double finishedGrams();
    }

    @JsonIgnoreProperties(
            value = {"grams"},
            allowGetters = true)
    private abstract static class DrinkSums {
        @JsonProperty
        abstract double grams();
    }

    @JsonIgnoreProperties(
            value = {"madeGrams"},
            allowGetters = true)
    private abstract static class BatchSums {
        @JsonProperty
        abstract double madeGrams();
    }

    @JsonIgnoreProperties(
            value = {"inGrams", "outGrams", "keptGrams"},
            allowGetters = true)
    private abstract static class BalanceSums {
        @JsonProperty
        abstract double inGrams();

        @JsonProperty
        abstract double outGrams();

        @JsonProperty
        abstract double keptGrams();
    }

    @JsonIgnoreProperties(
            value = {"missing", "unpriced", "cost"},
            allowGetters = true)
    private abstract static class LineSums {
        @JsonProperty
        abstract double missing();

        @JsonProperty
        abstract boolean unpriced();

        @JsonProperty
        @Nullable
        abstract Double cost();
    }

    /** Figures by the name of their habit; those that are left out are the house's. */
    private abstract static class ByHabit {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static Habits of(Map<Habit, Measured> own) {
            return Habits.of(own);
        }

        @JsonValue
        abstract Map<Habit, Measured> all();
    }

    /** What is sent of core's classes beside the components of records: sums that they work out, figures by name. */
    public static final Map<Class<?>, Class<?>> SUMS = Map.of(
            Habits.class, ByHabit.class,
            Pour.class, PourSums.class,
            Pour.Bowl.class, BowlSums.class,
            Pour.Portion.class, PortionSums.class,
            Demand.Drink.class, DrinkSums.class,
            Shopping.ToBuy.class, LineSums.class,
            Pour.Batch.class, BatchSums.class,
            Pour.Balance.class, BalanceSums.class);

    /** The module that every mapper of the application uses. */
    @Bean
    public JacksonModule coreRecords() {
        SimpleModule module = new SimpleModule("core");
        module.setMixInAnnotation(Move.class, MoveByWord.class);
        module.setMixInAnnotation(CutterShape.class, ShapeByWord.class);
        module.setMixInAnnotation(Design.class, NoNulls.class);
        module.setMixInAnnotation(Cutter.class, NoNulls.class);
        module.setMixInAnnotation(Where.class, NoNulls.class);
        module.setMixInAnnotation(Place.class, NoNulls.class);
        module.setDeserializerModifier(new OfAnyFormat());
        SUMS.forEach(module::setMixInAnnotation);
        byWord(module, Move.class);
        byWord(module, CutterShape.class);
        return module;
    }

    /** What stands in jsonb columns is read less strictly than what comes over the wire. */
    @Bean
    HibernatePropertiesCustomizer storedJsonInTheDatabase(StoredJson stored) {
        return properties ->
                properties.put(MappingSettings.JSON_FORMAT_MAPPER, new Jackson3JsonFormatMapper(stored.mapper()));
    }

    /** Designs of an earlier format are read as of this one, wherever they come from. */
    private static final class OfAnyFormat extends ValueDeserializerModifier {
        private static final long serialVersionUID = 1;

        @Override
        public ValueDeserializer<?> modifyDeserializer(
                DeserializationConfig config, BeanDescription.Supplier bean, ValueDeserializer<?> reads) {
            return bean.getBeanClass() == Design.class ? new Upgrading(reads) : reads;
        }
    }

    private static final class Upgrading extends DelegatingDeserializer {
        Upgrading(ValueDeserializer<?> reads) {
            super(reads);
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> reads) {
            return new Upgrading(reads);
        }

        @Override
        public Object deserialize(JsonParser from, DeserializationContext context) {
            JsonNode document = DesignFormats.upgraded(context.readTree(from));
            try (JsonParser again = context.treeAsTokens(document)) {
                again.nextToken();
                return super.deserialize(again, context);
            }
        }
    }

    private static void byWord(SimpleModule module, Class<?> family) {
        for (Class<?> record : Catalogue.recordsOf(family)) {
            module.registerSubtypes(new NamedType(record, Catalogue.word(record)));
        }
    }
}
