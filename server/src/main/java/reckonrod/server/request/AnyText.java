package reckonrod.server.request;

import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/** For texts that are judged character by character where they are read, and not kept as they are. */
public final class AnyText extends StdScalarDeserializer<String> {
    public AnyText() {
        super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        String text = parser.getValueAsString();
        return text != null ? text : (String) context.handleUnexpectedToken(getValueType(context), parser);
    }
}
