package kindthimble.app.exchange;

import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * JSON as it stands in the database: written as on the wire, and read less strictly. What an earlier version stored may lack a field, or
 * have one that has gone, or letters that are refused today.
 */
@Component
public class StoredJson {
    private final JsonMapper mapper;

    public StoredJson(JsonMapper wire) {
        mapper = wire.rebuild()
                .addModule(new SimpleModule("anyText").addDeserializer(String.class, new StringDeserializer()))
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .build();
    }

    public JsonMapper mapper() {
        return mapper;
    }
}
